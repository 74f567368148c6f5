<?php

/**
 * The demo's arrivals: a matted rescue over four visits, a farm double coat, a short-faced dog, one that stopped a
 * groom halfway.
 */

declare(strict_types=1);

namespace KeenThistle\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Agreement;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Arrival\CombInput;
use KeenThistle\Arrival\Photo;
use KeenThistle\Arrival\PhotoStore;
use KeenThistle\Arrival\Seal;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Handling\HandlingRecord;
use KeenThistle\Handling\LadderEntry;
use KeenThistle\Staff\Role;
use KeenThistle\Staff\Staff;
use KeenThistle\Visit\Visit;
use Symfony\Component\Uid\Uuid;

/** @phpstan-import-type Comb from Arrival */
final readonly class DemoArrivals
{
    public function __construct(
        private EntityManagerInterface $manager,
        private PhotoStore $photos,
        private Seal $seal,
    ) {
    }

    public function load(\DateTimeImmutable $today): void
    {
        foreach (DemoFindings::COMBS as $name => $combs) {
            $dog = $this->dog($name);
            $visits = $this->manager->getRepository(Visit::class)->findBy(['dog' => $dog], ['day' => 'DESC']);
            if ('Marl' === $name) {
                // The farm dog's coat lets go in late spring: the visit nearest to the end of May.
                usort(
                    $visits,
                    static fn (Visit $a, Visit $b): int => abs(150 - (int) $a->day->format('z')) <=>
                        abs(150 - (int) $b->day->format('z')),
                );
            }
            $visits = \array_slice($visits, 0, \count($combs));
            foreach (array_reverse($visits) as $i => $visit) {
                $arrival = $this->arrival(
                    $dog,
                    $visit->staff,
                    $visit->day,
                    $combs[$i],
                    \count($combs) - 1 === $i ? DemoFindings::CHECKS[$name] ?? [] : [],
                );
                $visit->arrivalLoad = round($arrival->load, 1);
                if ('Hobnob' === $name && 0 === $i) {
                    $this->agreement($arrival, $visit->staff, 'Tamsin Oldacre', '10');
                    $this->photo($arrival, $visit->staff, 'before', [92, 70, 62]);
                    $this->photo($arrival, $visit->staff, 'after', [196, 176, 158]);
                }
            }
        }
        $visit = $this->manager
            ->getRepository(Visit::class)
            ->findOneBy(['dog' => $this->dog('Gantry')], ['day' => 'DESC']);
        if (null !== $visit) {
            $this->arrival($visit->dog, $visit->staff, $visit->day, [], DemoFindings::CHECKS['Gantry']);
        }
        $groomer =
            $this->manager->getRepository(Staff::class)->findOneBy(['role' => Role::Groomer]) ??
            throw new \LogicException('The demo salon has a groomer.');
        foreach (DemoFindings::TODAY as $name => $comb) {
            $arrival = $this->arrival($this->dog($name), $groomer, $today->setTime(0, 0), $comb, []);
            if ('Tatter' === $name) {
                $this->agreement($arrival, $groomer, 'Severin Holloway', '7F');
            }
        }
        foreach (DemoFindings::HANDLING as [$name, $tool, $tolerance, $trigger, $cause, $works, $owner, $steps]) {
            $dog = $this->dog($name);
            $record = new HandlingRecord(Uuid::v7(), $dog, $tool);
            [$record->tolerance, $record->trigger, $record->cause, $record->works, $record->ownerSays] = [
                $tolerance,
                $trigger,
                $cause,
                $works,
                $owner,
            ];
            $this->manager->persist($record);
            foreach ($steps as [$weeks, $rung, $calm]) {
                $this->manager->persist(
                    new LadderEntry(
                        Uuid::v7(),
                        $dog,
                        $groomer,
                        $groomer->place,
                        $tool,
                        $rung,
                        $calm,
                        $today->setTime(0, 0)->modify("-$weeks weeks"),
                    ),
                );
            }
        }
        $this->manager->flush();
    }

    private function dog(string $name): Dog
    {
        return $this->manager->getRepository(Dog::class)->findOneBy(['name' => $name]) ??
            throw new \LogicException("The demo salon has $name.");
    }

    /**
     * @param array<string, array{int, float, bool}> $comb
     * @param array<string, mixed> $check
     */
    private function arrival(Dog $dog, Staff $staff, \DateTimeImmutable $day, array $comb, array $check): Arrival
    {
        $zones = [];
        foreach ($comb as $name => [$severity, $spread, $clearance]) {
            $pair = [str_replace('*', 'left', $name), str_replace('*', 'right', $name)];
            foreach (array_unique($pair) as $zone) {
                $zones[] = [
                    'zone' => $zone,
                    'severity' => $severity,
                    'spread' => $spread,
                    'clearance' => $clearance,
                    'overrule' => null,
                    'why' => '',
                    'skin' => 4 === $severity && str_contains($zone, 'armpit') ? 'red' : null,
                ];
            }
        }
        $arrival = new Arrival(Uuid::v7(), $dog, $staff, $day);
        $arrival->comb = [
            'stops_first' => [] === $zones ? null : 3 * \count($zones),
            'stops_second' => [] === $zones ? null : \count($zones),
            'zones' => $zones,
        ];
        $arrival->handsOn = $check;
        $arrival->load = array_sum(array_map(static fn (Mat $m): float => $m->load(), CombInput::mats($arrival->comb)));
        $this->manager->persist($arrival);

        return $arrival;
    }

    private function agreement(Arrival $arrival, Staff $staff, string $signer, string $blade): void
    {
        $mm = BladeTable::residual($blade)->rounded();
        $mats = array_map(
            static fn (array $z): array => [
                'zone' => $z['zone'],
                'severity' => $z['severity'],
                'words' => 'clip out',
                'leaves_mm' => $mm,
                'fill_back_on' => null,
            ],
            $arrival->comb['zones'],
        );
        $terms = [
            'dog' => $arrival->dog->name,
            'salon' => $arrival->salon->name,
            'day' => $arrival->day->format('Y-m-d'),
            'choice' => 'even_out',
            'title' => "One even length, $mm mm",
            'minutes' => 130,
            'price_minor' => 6600,
            'price_terms' => [['label' => '110 min at 36.00 an hour', 'minor' => 6600]],
            'currency' => $arrival->salon->currency,
            'leaves_mm' => $mm,
            'even_blade' => $blade,
            'back_message' => 'About 4 weeks.',
            'visits' => 1,
            'consent' => [
                "The whole coat is evened out at about $mm mm ($blade blade), as long as the clipped places allow.",
                'Under mats the skin may be red, sore, bruised or damp; a vet is named where one should look.',
            ],
            'warnings' => [],
            'findings' => ['Red or scabbed skin: photograph, show the owner, no new product; a vet should look.'],
            'load' => round($arrival->load, 1),
            'zones' => $mats,
            'comb_version' => $arrival->combVersion,
            'check_version' => $arrival->checkVersion,
        ];
        $agreement = new Agreement(
            Uuid::v7(),
            $arrival,
            $staff,
            1,
            true,
            $signer,
            'M40,120L90,60L120,140L170,70L220,130L300,90L420,110',
            json_encode($terms, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
            $arrival->day->setTime(9, 40),
            bin2hex(random_bytes(16)),
        );
        $agreement->seal = $this->seal->of($agreement, '');
        $arrival->state = 'agreed';
        $arrival->choice = 'even_out';
        $this->manager->persist($agreement);
    }

    /**
     * A drawn stand-in for a photo: a coat of this colour, in strokes.
     *
     * @param array{int<0, 255>, int<0, 255>, int<0, 255>} $colour
     */
    private function photo(Arrival $arrival, Staff $staff, string $moment, array $colour): void
    {
        $image = imagecreatetruecolor(800, 600);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 244, 237, 226));
        $coat = (int) imagecolorallocate($image, $colour[0], $colour[1], $colour[2]);
        imagefilledellipse($image, 400, 320, 520, 300, $coat);
        imagefilledellipse($image, 180, 220, 180, 170, $coat);
        $dark = (int) imagecolorallocate(
            $image,
            max(0, min(255, intdiv($colour[0] * 7, 10))),
            max(0, min(255, intdiv($colour[1] * 7, 10))),
            max(0, min(255, intdiv($colour[2] * 7, 10))),
        );
        imagesetthickness($image, 3);
        for ($i = 0; $i < 260; ++$i) {
            $x = 160 + (($i * 37) % 480);
            $y = 190 + (($i * 53) % 260);
            $long = 'before' === $moment ? 34 : 7;
            imageline($image, $x, $y, $x + (($i % 3) - 1) * $long, $y + $long, $dark);
        }
        ob_start();
        imagejpeg($image, null, 85);
        $bytes = (string) ob_get_clean();
        $id = Uuid::v7();
        [$width, $height] = $this->photos->take((string) $id, $bytes);
        $this->manager->persist(new Photo($id, $arrival, $staff, 'whole', $moment, $width, $height));
    }
}
