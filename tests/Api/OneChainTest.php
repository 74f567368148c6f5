<?php

/** One dog through the whole chain: what arrival finds and the owner agrees is what the table does. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Uid\Uuid;

final class OneChainTest extends ApiTestCase
{
    /** A third of the body, none of it tender. */
    private const ELEVEN = [
        'nape',
        'neck_sides',
        'shoulder_left',
        'shoulder_right',
        'back',
        'loin',
        'rump',
        'thigh_left',
        'thigh_right',
        'chest',
        'foreleg_left',
    ];
    private const SIGNATURE = 'M10 10L50 60L90 20';

    /** @var array<string, mixed> */
    private array $arrival;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('maren');
    }

    private function arrive(string $dog): void
    {
        $this->arrival = $this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/arrivals', [], 200);
    }

    /**
     * @param list<array<string, mixed>> $zones
     *
     * @return array<string, mixed>
     */
    private function comb(array $zones, string $choice = 'as_reckoned'): array
    {
        $version = self::number(self::map($this->read()['comb'])['version']);

        return $this->ask(
            'PUT',
            '/api/arrivals/'.self::text($this->arrival['id']).'/comb',
            ['zones' => $zones, 'choice' => $choice],
            200,
            ['If-Match' => "\"$version\""],
        );
    }

    /** @return array<string, mixed> */
    private function read(): array
    {
        return $this->ask('GET', '/api/arrivals/'.self::text($this->arrival['id']), expect: 200);
    }

    /** @return array<string, mixed> */
    private function agree(string $choice, bool $agreed = true, string $by = 'tablet'): array
    {
        $view = $this->read();

        return $this->ask(
            'POST',
            '/api/arrivals/'.self::text($this->arrival['id']).'/agreement',
            [
                'agreed' => $agreed,
                'signed_by' => 'R. Hallam',
                'comb_version' => self::map($view['comb'])['version'],
                'check_version' => $view['check_version'],
                'choice' => $choice,
                'signature' => 'tablet' === $by && $agreed ? self::SIGNATURE : '',
                'by' => $by,
            ],
            201,
        );
    }

    /** @return array<string, mixed> */
    private function table(string $dog): array
    {
        return $this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/grooms', [], 200);
    }

    /** @return array<string, mixed> */
    private static function mat(string $zone, int $severity, float $spread = 1.0, ?bool $clearance = null): array
    {
        return ['zone' => $zone, 'severity' => $severity, 'spread' => $spread, 'clearance' => $clearance];
    }

    /** @param array<string, mixed> $groom */
    private function done(array $groom): void
    {
        $taps = [];
        foreach (self::rows($groom['steps']) as $s) {
            $zones = self::texts($s['zones']);
            $taps[] =
                [
                    'id' => bin2hex(random_bytes(8)),
                    'at' => gmdate('Y-m-d\TH:i:s.000\Z'),
                ] +
                ([] === $zones
                    ? ['kind' => 'step', 'step' => $s['key'], 'state' => 'done']
                    : ['kind' => 'zone', 'zones' => $zones, 'state' => 'done']);
        }
        $answer = $this->ask('POST', '/api/grooms/'.self::text($groom['id']).'/taps', [
            'sent_at' => gmdate('Y-m-d\TH:i:s.000\Z'),
            'device' => 'tablet-1',
            'taps' => $taps,
        ]);
        self::assertSame(
            ['counted'],
            array_values(
                array_unique(array_map(self::text(...), array_column(self::rows($answer['results']), 'outcome'))),
            ),
        );
    }

    public function testTheFeltedDogFromArrivalToTheCard(): void
    {
        $card = fn (): array => array_column(self::rows($this->card('Tansy')['zones']), 'recipe', 'zone');
        $before = $card();
        $this->arrive('Tansy');
        $mats = array_map(static fn (string $z): array => self::mat($z, 3, 0.95, true), self::ELEVEN);
        $comb = $this->comb([...$mats, self::mat('armpit_left', 4)], 'even_out');
        $even = self::find(self::rows($comb['options']), 'choice', 'even_out');
        self::assertSame([3.2, '7F'], [$even['leaves_mm'], $even['even_blade']]);
        self::assertTrue(self::map($this->read()['today'])['waits'], 'a third of the body waits for a signature');
        $this->agree('even_out');
        self::assertFalse(self::map($this->read()['today'])['waits']);

        $groom = $this->table('Tansy');
        $today = self::map($groom['today']);
        self::assertTrue($today['comes_off']);
        $rows = array_column(self::rows($today['zones']), null, 'zone');
        foreach (['back', 'loin', 'rump', 'thigh_left'] as $zone) {
            $row = self::map($rows[$zone]);
            self::assertContains($row['from'], ['mat', 'agreement']);
            self::assertSame(
                ['planned', '7F blade', true, 'do_not_repeat'],
                [$row['state'], $row['words'], $row['exception'], $row['carry']],
                $zone,
            );
            self::assertStringContainsString(
                '7F blade',
                self::text(self::map(self::find(self::rows($groom['zones']), 'zone', $zone)['planned'])['words']),
            );
        }
        self::assertSame(
            ['mat', '10 blade'],
            [$rows['armpit_left']['from'] ?? '', $rows['armpit_left']['words'] ?? ''],
        );
        self::assertSame('card', $rows['skull']['from'] ?? '', 'the face only where it is named');

        $steps = array_map(self::text(...), array_column(self::rows($groom['steps']), 'step'));
        self::assertContains('mats_clip', $steps);
        self::assertLessThan(
            (int) array_search('bath', $steps, true),
            max([-1, ...array_keys($steps, 'mats_clip', true)]),
            'felt is never washed first',
        );
        self::assertNotContains('comb_out', $steps, 'nobody combs what comes off');
        self::assertNotContains('mats_out', $steps, 'nobody works on what comes off');
        self::assertSame(
            $even['price_minor'],
            $this->finish($groom)['price_minor'],
            'what was agreed is what it costs',
        );

        $this->done($groom);
        $finish = $this->finish($groom);
        $next = self::rows($finish['next'])[0];
        self::assertSame(
            ['7F blade', 3.2, 'as_agreed', null],
            array_values(array_diff_key(self::find(self::rows($finish['agreed']), 'zone', 'back'), ['zone' => 1])),
        );
        $patch = self::find(self::rows($finish['exceptions']), 'zone', 'back');
        self::assertSame(3.2, $patch['left_mm']);
        self::assertGreaterThan(gmdate('Y-m-d'), self::text($patch['grown_out_on']));
        $clocks = array_column(self::rows($finish['clocks']), 'reset', 'clock');
        self::assertTrue($clocks['shape'] ?? false);
        self::assertTrue($clocks['bath'] ?? false);
        self::assertNotSame('', self::text(self::map($finish['next_visit'])['words']));
        $this->ask('POST', '/api/grooms/'.self::text($groom['id']).'/close', [], 200);
        self::assertSame($before, $card(), 'the card keeps its own style');
        $visit = self::rows($this->card('Tansy')['visits'])[0];
        $zones = $this->ask('GET', '/api/visits/'.self::text($visit['id']));
        $back = self::find(self::rows($zones['zones']), 'zone', 'back');
        self::assertSame('done', $back['state']);
        self::assertStringContainsString('7F blade', self::text($back['actual']));
        self::assertNotSame($back['planned'], $back['actual'], 'planned and done are both kept');
        self::assertSame(3.2, $back['finished_mm']);
        $patch = $this->db()->fetchOne(
            'SELECT actual_exception FROM visit_zone z JOIN visit v ON v.id = z.visit_id '.
                "WHERE v.id = :visit AND z.zone = 'back'",
            ['visit' => Uuid::fromString(self::text($visit['id']))->toBinary()],
        );
        self::assertSame(1, (int) (is_numeric($patch) ? $patch : 0), 'a patch, never copied as style');
        self::assertNotSame('', $next['on']);
    }

    /**
     * @param array<string, mixed> $groom
     *
     * @return array<string, mixed>
     */
    private function finish(array $groom): array
    {
        return $this->ask('GET', '/api/grooms/'.self::text($groom['id']).'/finish', expect: 200);
    }

    public function testAMatFoundAtTheTableThatExceedsTheAgreementGoesBackToTheOwner(): void
    {
        $this->arrive('Tansy');
        $this->comb([self::mat('armpit_left', 4)]);
        $this->agree('as_reckoned');
        $groom = $this->table('Tansy');
        self::assertNull($groom['ask']);
        $path = '/api/grooms/'.self::text($groom['id']);
        $this->ask('POST', "$path/ask", [], 409);

        $this->comb([self::mat('armpit_left', 4), self::mat('back', 4), self::mat('groin', 4, 0.5)]);
        $found = $this->ask('GET', $path, expect: 200);
        $rows = array_column(self::rows(self::map($found['today'])['zones']), 'state', 'zone');
        self::assertSame('waits_for_agreement', $rows['back']);
        self::assertSame(
            ['planned', 'planned'],
            [$rows['armpit_left'], $rows['groin']],
            'what was agreed goes on, and a small tender patch too',
        );
        self::assertStringContainsString('made anew', implode(' ', self::texts($found['notices'])));
        $ask = self::map($found['ask']);
        self::assertStringContainsString('back', self::text($ask['text']));
        self::assertNull($ask['asked_at']);

        $asked = $this->ask('POST', "$path/ask", [], 200);
        self::assertNotNull(self::map($asked['ask'])['asked_at']);
        $messages = self::rows($this->ask('GET', '/api/outbox', expect: 200)['messages']);
        self::assertSame('question', $messages[0]['kind']);

        $this->agree('as_reckoned', by: 'phone');
        $answered = $this->ask('GET', $path, expect: 200);
        self::assertNull($answered['ask']);
        $rows = array_column(self::rows(self::map($answered['today'])['zones']), 'state', 'zone');
        self::assertSame('planned', $rows['back']);

        $this->comb([self::mat('armpit_left', 4), self::mat('back', 4), self::mat('ribs_left', 4)]);
        $again = self::map($this->ask('GET', $path, expect: 200)['ask']);
        self::assertNull($again['asked_at'], 'found since: the question is a new one');
    }

    public function testAnOwnerWhoAnswersNoKeepsTheCoatAndTheRestGoesOn(): void
    {
        $this->arrive('Tansy');
        $groom = $this->table('Tansy');
        $this->comb([self::mat('back', 4)]);
        $this->agree('as_reckoned', false, 'phone');
        $after = $this->ask('GET', '/api/grooms/'.self::text($groom['id']), expect: 200);
        $rows = array_column(self::rows(self::map($after['today'])['zones']), 'state', 'zone');
        self::assertSame('waits_for_agreement', $rows['back']);
        self::assertSame('planned', $rows['loin']);
        self::assertNull($after['ask'], 'asked once, answered once');
        self::assertFalse(self::map($after['agreed'])['agreed']);
        self::assertSame('refused', self::find(self::rows($after['zones']), 'zone', 'back')['waits']);
        $this->ask('POST', '/api/grooms/'.self::text($groom['id']).'/close', [], 200);
        self::assertSame(['deferred', 'the owner said no'], $this->recorded('back'));
    }

    public function testAnOwnerWhoNeverAnswersLeavesThosePlacesForAnotherDay(): void
    {
        $this->arrive('Tansy');
        $groom = $this->table('Tansy');
        $this->comb([self::mat('back', 4), self::mat('ribs_left', 4), self::mat('ribs_right', 4)]);
        $path = '/api/grooms/'.self::text($groom['id']);
        $text = self::text(self::map($this->ask('GET', $path, expect: 200)['ask'])['text']);
        self::assertStringContainsString('back, ribs on both sides.', $text, 'as an owner says it');
        $this->ask('POST', "$path/ask", [], 200);
        $this->ask('POST', "$path/close", [], 200);
        self::assertSame(['deferred', 'no word from the owner'], $this->recorded('back'));
    }

    /** @return array{mixed, mixed} state and why of a zone of the last visit */
    private function recorded(string $zone): array
    {
        $visit = self::rows($this->card('Tansy')['visits'])[0];
        $row = self::find(
            self::rows($this->ask('GET', '/api/visits/'.self::text($visit['id']))['zones']),
            'zone',
            $zone,
        );

        return [$row['state'], $row['why']];
    }

    public function testTanglesOnADoubleCoatAreNeverClipped(): void
    {
        $this->arrive('Marl');
        $comb = $this->comb(array_map(static fn (string $z): array => self::mat($z, 1), self::ELEVEN));
        self::assertSame(
            ['rake'],
            array_values(
                array_unique(array_map(self::text(...), array_column(self::rows($comb['zones']), 'decision'))),
            ),
        );
        $groom = $this->table('Marl');
        $steps = self::texts(array_column(self::rows($groom['steps']), 'step'));
        self::assertContains('mats_out', $steps);
        self::assertNotContains('mats_clip', $steps);
        self::assertFalse(self::map($groom['today'])['waits']);
    }

    public function testASoreIsNotTouchedAndTheVisitKeepsWhy(): void
    {
        $this->arrive('Tansy');
        $this->ask(
            'PUT',
            '/api/arrivals/'.self::text($this->arrival['id']).'/check',
            ['found' => [['kind' => 'sore', 'zone' => 'groin']]],
            200,
            ['If-Match' => '"1"'],
        );
        $groom = $this->table('Tansy');
        $today = self::map($groom['today']);
        self::assertSame('not_touched', self::find(self::rows($today['zones']), 'zone', 'groin')['state']);
        self::assertSame(['groin'], $today['stays_dry']);
        $bath = self::find(self::rows($groom['steps']), 'step', 'bath');
        self::assertStringContainsString('groin', implode(' ', self::texts($bath['cautions'])));
        $this->done($groom);
        $closed = $this->ask('POST', '/api/grooms/'.self::text($groom['id']).'/close', [], 200);
        $zones = $this->ask('GET', '/api/visits/'.self::text($closed['visit']));
        $groin = self::find(self::rows($zones['zones']), 'zone', 'groin');
        self::assertSame('deferred', $groin['state']);
        self::assertStringContainsString('vet', self::text($groin['why']));
    }

    public function testATidySetsBackOnlyWhatItDid(): void
    {
        $clock = function (string $name): mixed {
            $card = $this->card('Tansy');
            $clocks = self::rows(self::map($card['interval'])['clocks']);

            return self::find($clocks, 'clock', $name)['since'];
        };
        $today = self::text($this->card('Tansy')['today']);
        $shape = $clock('shape');
        $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Tansy').'/visits',
            ['day' => $today, 'kind' => 'tidy', 'zones' => []],
            201,
        );
        self::assertSame($today, $clock('pads'));
        self::assertSame($today, $clock('nails'));
        self::assertSame($shape, $clock('shape'), 'a tidy leaves the outline as old as it is');
        $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Sorrel').'/visits',
            ['day' => $today, 'kind' => 'nails', 'zones' => []],
            201,
        );
        $sorrel = self::rows(self::map($this->card('Sorrel')['interval'])['clocks']);
        self::assertSame($today, self::find($sorrel, 'clock', 'nails')['since']);
        self::assertNotSame($today, self::find($sorrel, 'clock', 'pads')['since'], 'nails are nails only');
    }

    public function testADogThatComesForATidyIsNotBathedNorCharged(): void
    {
        $today = self::text($this->card('Tansy')['today']);
        $shape = $this->clock('Tansy', 'shape');
        $full = $this->ask('POST', '/api/dogs/'.$this->dogId('Sorrel').'/arrivals', [], 200);
        self::assertSame('full', $full['kind'], 'nothing is booked');
        $tansy = '/api/dogs/'.$this->dogId('Tansy');
        $this->ask('POST', "$tansy/bookings", ['day' => $today, 'time' => '07:15', 'kind' => 'tidy'], 201);
        $arrival = $this->ask('POST', "$tansy/arrivals", [], 200);
        $id = self::text($arrival['id']);
        $option = static fn (array $a): array => self::rows(self::map($a['comb'])['options'])[0];
        $arrival = $this->ask('PUT', "/api/arrivals/$id/kind", ['kind' => 'full'], 200);
        $before = self::number($option($arrival)['price_minor']);
        $arrival = $this->ask('PUT', "/api/arrivals/$id/kind", ['kind' => 'tidy'], 200);
        self::assertSame('tidy', $arrival['kind']);
        $sign = [
            'agreed' => true,
            'signed_by' => 'Aveline Marchpane',
            'by' => 'phone',
            'comb_version' => self::map($arrival['comb'])['version'],
            'check_version' => $arrival['check_version'],
            'choice' => 'as_reckoned',
        ];
        $this->ask('POST', "/api/arrivals/$id/agreement", ['kind' => 'full'] + $sign, 412);
        $this->ask('POST', "/api/arrivals/$id/agreement", ['kind' => 'tidy'] + $sign, 201);
        $current = fn (): mixed => self::rows($this->ask('GET', "/api/arrivals/$id", expect: 200)['agreements'])[0][
            'current'
        ];
        self::assertTrue($current());
        $this->ask('PUT', "/api/arrivals/$id/kind", ['kind' => 'bath'], 200);
        self::assertFalse($current(), 'what was signed was the price of something else');
        $names = static fn (array $a): array => array_column(self::rows($a['assignments']), 'who');
        $bath = $names($this->ask('GET', "/api/arrivals/$id", expect: 200));
        self::assertContains('Pell Hasp', $bath, 'a bather baths');
        $this->ask('PUT', "/api/arrivals/$id/kind", ['kind' => 'tidy'], 200);
        self::assertLessThan($before / 2, self::number($option($arrival)['price_minor']));
        $groom = $this->ask('POST', "$tansy/grooms", [], 200);
        $steps = self::texts(array_column(self::rows($groom['steps']), 'step'));
        self::assertContains('pads', $steps);
        self::assertSame([], array_intersect(['bath', 'dry', 'comb_out', 'edges'], $steps));
        foreach (self::rows($groom['steps']) as $s) {
            self::assertNotContains('back', self::texts($s['zones']));
        }
        $this->done($groom);
        $path = '/api/grooms/'.self::text($groom['id']);
        $finish = $this->ask('GET', "$path/finish", expect: 200);
        self::assertSame('tidy', $finish['kind']);
        $next = array_column(self::rows($finish['next']), 'on', 'kind');
        self::assertGreaterThan($today, self::text($next['full']), 'the full groom is not put off by a tidy');
        $this->ask('POST', "$path/close", [], 200);
        $visit = self::rows($this->card('Tansy')['visits'])[0];
        self::assertSame('tidy', $visit['kind']);
        self::assertNull($visit['arrival_load'], 'nobody combed, so nothing is learned of mats');
        $zones = self::rows($this->ask('GET', '/api/visits/'.self::text($visit['id']), expect: 200)['zones']);
        self::assertNotContains('back', array_column($zones, 'zone'), 'nobody said anything of the back');
        self::assertSame($today, $this->clock('Tansy', 'pads'));
        self::assertSame($shape, $this->clock('Tansy', 'shape'));
    }

    public function testATidyClosedAsAFullGroomDefersWhatNobodyTouched(): void
    {
        $shape = $this->clock('Tansy', 'shape');
        $tansy = '/api/dogs/'.$this->dogId('Tansy');
        $arrival = self::text($this->ask('POST', "$tansy/arrivals", [], 200)['id']);
        $this->ask('PUT', "/api/arrivals/$arrival/kind", ['kind' => 'tidy'], 200);
        $groom = $this->ask('POST', "$tansy/grooms", [], 200);
        $this->done($groom);
        $this->ask('POST', '/api/grooms/'.self::text($groom['id']).'/close', ['kind' => 'full'], 200);
        $visit = self::rows($this->card('Tansy')['visits'])[0];
        $zones = self::rows($this->ask('GET', '/api/visits/'.self::text($visit['id']), expect: 200)['zones']);
        self::assertSame('deferred', self::find($zones, 'zone', 'back')['state']);
        self::assertSame('full', $visit['kind']);
        self::assertSame($shape, $this->clock('Tansy', 'shape'), 'no outline was made');
    }

    public function testAnOpenTableFollowsWhatTheDogHasComeFor(): void
    {
        $dog = '/api/dogs/'.$this->dogId('Dimity');
        $arrival = self::text($this->ask('POST', "$dog/arrivals", [], 200)['id']);
        $groom = $this->ask('POST', "$dog/grooms", [], 200);
        self::assertContains('clip', array_column(self::rows($groom['steps']), 'step'));
        $this->ask('PUT', "/api/arrivals/$arrival/kind", ['kind' => 'bath'], 200);
        $groom = $this->ask('GET', '/api/grooms/'.self::text($groom['id']), expect: 200);
        $steps = self::texts(array_column(self::rows($groom['steps']), 'step'));
        self::assertContains('bath', $steps);
        self::assertSame([], array_intersect(['edges', 'feet', 'rear'], $steps));
        self::assertArrayNotHasKey('clip', array_column(self::rows($groom['phases']), 'estimate', 'phase'));
        $this->ask('PUT', "/api/arrivals/$arrival/kind", ['kind' => 'spa'], 422);
    }

    private function clock(string $dog, string $name): string
    {
        $clocks = self::rows(self::map($this->card($dog)['interval'])['clocks']);

        return self::text(self::find($clocks, 'clock', $name)['since']);
    }

    public function testAJacketStrippedInPartLeadsTheNextVisitByWhatIsOldest(): void
    {
        $card = $this->card('Osric');
        $jacket = [];
        foreach (self::rows($card['zones']) as $zone) {
            if (\is_array($zone['recipe']) && 'strip' === $zone['recipe']['method']) {
                $jacket[] = self::text($zone['zone']);
            }
        }
        self::assertGreaterThan(3, \count($jacket));
        $strip = fn (): array => self::find(
            self::rows(self::map($this->card('Osric')['interval'])['clocks']),
            'clock',
            'strip',
        );
        self::assertEqualsWithDelta(10.0, self::number($strip()['weeks']), 0.01, 'all of it on one day');
        $states = array_map(
            static fn (string $zone): array => 'back' === $zone
                ? ['zone' => $zone, 'state' => 'done']
                : ['zone' => $zone, 'state' => 'deferred', 'why' => 'tired'],
            $jacket,
        );
        $today = self::text($card['today']);
        $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Osric').'/visits',
            ['day' => $today, 'zones' => $states],
            201,
        );
        $clock = $strip();
        self::assertSame($today, $clock['since']);
        self::assertLessThan(10.0, self::number($clock['weeks']));
        self::assertStringContainsString('instalment', json_encode($clock['reasons'], \JSON_THROW_ON_ERROR));
        self::assertSame('strip', self::map($this->card('Osric')['interval'])['binding']);
    }

    public function testAGroomFromBeforeTodaysListsOpensAndCloses(): void
    {
        $groom = $this->table('Tansy');
        $this->db()->executeStatement("UPDATE groom SET today = '{}', steps = :steps WHERE id = :id", [
            'steps' => json_encode([
                self::oldStep('check', []),
                self::oldStep('knots', []),
                self::oldStep('body', ['back', 'loin'], '16 mm guard over 10'),
                self::oldStep('nails', []),
            ]),
            'id' => Uuid::fromString(self::text($groom['id']))->toBinary(),
        ]);
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        self::assertInstanceOf(EntityManagerInterface::class, $manager);
        $manager->clear();
        $old = $this->ask('GET', '/api/grooms/'.self::text($groom['id']), expect: 200);
        self::assertNull($old['today']);
        self::assertSame('body', self::rows($old['steps'])[2]['step']);
        $this->done($old);
        $this->ask('POST', '/api/grooms/'.self::text($groom['id']).'/close', [], 200);
    }

    /**
     * @param list<string> $zones
     *
     * @return array<string, mixed>
     */
    private static function oldStep(string $step, array $zones, ?string $tool = null): array
    {
        return [
            'key' => $step.(null === $tool ? '' : ":$tool"),
            'step' => $step,
            'title' => $step,
            'tool' => $tool,
            'zones' => $zones,
            'minutes' => null,
            'cautions' => [],
            'done_when' => 'done',
        ];
    }
}
