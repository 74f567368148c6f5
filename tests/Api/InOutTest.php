<?php

/** In and out: everything of a salon as a zip in open formats, calendars that others subscribe to. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\InOut\Papers;
use KeenThistle\InOut\SalonFormat;
use Opis\JsonSchema\Validator;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

final class InOutTest extends ApiTestCase
{
    /** @param array<string, mixed> $form */
    private function zip(array $form = []): \ZipArchive
    {
        $this->signIn('maren');
        $begun = $this->ask('POST', '/api/exports', $form, 202);
        self::assertSame('open', self::map($begun['job'])['state']);
        $this->workThrough();
        $job = $this->ask('GET', '/api/jobs/'.self::text(self::map($begun['job'])['id']), expect: 200);
        self::assertSame(['done', ''], [$job['state'], $job['why']]);
        self::assertSame($job['total'], $job['done']);
        $export = self::rows($this->ask('GET', '/api/exports', expect: 200)['exports'])[0];
        $this->client->request('GET', '/api/exports/'.self::text($export['id']));
        $file = tempnam(sys_get_temp_dir(), 'export');
        self::assertIsString($file);
        file_put_contents($file, $this->client->getInternalResponse()->getContent());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        unlink($file);

        return $zip;
    }

    public function testEverythingOfASalonGoesIntoAZipAsItsSchemaSays(): void
    {
        $this->db()->executeStatement(
            "UPDATE dog SET handling_note = '=1+1', health_note = 'ä\"\r\n😀' WHERE name = 'Tansy'",
        );
        $this->signIn('junia');
        $booking = ['day' => date('Y-m-d', (int) strtotime('+40 days')), 'time' => '10:00', 'write' => true];
        $this->ask('POST', '/api/dogs/'.$this->dogId('Tansy').'/bookings', $booking, 201);
        $zip = $this->zip();
        $json = (string) $zip->getFromName('salon.json');
        $salon = json_decode($json, false, 512, \JSON_THROW_ON_ERROR);
        $format = self::getContainer()->get(SalonFormat::class);
        \assert($format instanceof SalonFormat);
        $result = (new Validator())->validate(
            $salon,
            json_encode($format->schema(), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES),
        );
        self::assertTrue($result->isValid(), (string) $result);
        // As many rows as there are, of this salon alone; nobody's secrets.
        \assert($salon instanceof \stdClass && $salon->tables instanceof \stdClass);
        $tables = self::map((array) $salon->tables);
        foreach ($format->tables() as $table => $columns) {
            $of = 'salon' === $table ? 'id' : 'salon_id';
            $there = $this->db()->fetchOne(
                "SELECT COUNT(*) FROM $table WHERE $of = (SELECT id FROM salon WHERE name = 'The Fulling Room')",
            );
            self::assertIsArray($tables[$table]);
            self::assertCount((int) self::number($there), $tables[$table], $table);
            self::assertArrayNotHasKey('password_hash', $columns);
        }
        self::assertStringNotContainsString('argon2', $json);
        self::assertDoesNotMatchRegularExpression('~/(agreement|care|date|enter)/[0-9a-f]{32}~', $json);
        self::assertStringNotContainsString('Quillon', $json, 'a dog of another salon');
        // What a spreadsheet would take for a formula is none there, and as it is in the JSON.
        $csv = (string) $zip->getFromName('csv/dog.csv');
        self::assertStringContainsString("'=1+1", $csv);
        self::assertStringContainsString('"=1+1"', $json);
        self::assertStringContainsString("\"ä\"\"\r\n😀\"", $csv);
        $cards = (string) $zip->getFromName('contacts.vcf');
        self::assertStringContainsString('FN:Aveline Marchpane', $cards);
        $first = Reader::read(substr($cards, 0, (int) strpos($cards, 'END:VCARD') + 11));
        self::assertSame([], $first->validate());
    }

    public function testPapersGoAlongWhereTheyAreAskedForAndHeadingsHaveUnits(): void
    {
        self::assertFalse($this->zip()->locateName('papers/cards/'));
        $zip = $this->zip(['papers' => true]);
        $papers = [];
        for ($n = 0; $n < $zip->numFiles; ++$n) {
            if (1 === preg_match('~^papers/([a-z-]+)/[a-z0-9-]+\.pdf$~', (string) $zip->getNameIndex($n), $found)) {
                $papers[$found[1]] = ($papers[$found[1]] ?? 0) + 1;
                self::assertStringStartsWith('%PDF-', (string) $zip->getFromIndex($n));
            }
        }
        foreach (Papers::KINDS as $kind => $from) {
            $there = $this->db()->fetchOne(
                "SELECT COUNT(*) $from",
                ['salon' => $this->db()->fetchOne("SELECT id FROM salon WHERE name = 'The Fulling Room'")],
            );
            self::assertSame((int) self::number($there), $papers[$kind] ?? 0, $kind);
        }
        self::assertGreaterThan(10, $papers['cards'] ?? 0);
        $heading = strtok((string) $zip->getFromName('csv/visit.csv'), "\r\n");
        self::assertStringContainsString('arrival_load_percent', (string) $heading);
        self::assertStringContainsString('estimate_minutes', (string) $heading);
        $sales = strtok((string) $zip->getFromName('csv/sale.csv'), "\r\n");
        self::assertStringContainsString('total_minor', (string) $sales);
    }

    public function testNobodyFetchesAnotherSalonsExport(): void
    {
        $this->zip();
        $id = self::text(self::rows($this->ask('GET', '/api/exports')['exports'])[0]['id']);
        foreach (['../../etc/passwd', '%2e%2e', '00000000-0000-4000-8000-000000000000', 'x'] as $wrong) {
            $this->ask('GET', "/api/exports/$wrong", expect: 404);
        }
        $this->signIn('sunniva');
        self::assertSame([], $this->ask('GET', '/api/exports', expect: 200)['exports']);
        $this->ask('GET', "/api/exports/$id", expect: 404);
        $this->signIn('tove');
        $this->ask('GET', "/api/exports/$id", expect: 403);
    }

    /** @return array<string, string|null> paths of feeds by whose */
    private function calendars(): array
    {
        $paths = [];
        foreach (self::rows($this->ask('GET', '/api/calendars', expect: 200)['calendars']) as $c) {
            $path = $c['path'];
            $paths[self::text($c['name'])] = \is_string($path) ? $path : null;
        }

        return $paths;
    }

    private function subject(string $name): string
    {
        $all = self::rows($this->ask('GET', '/api/calendars', expect: 200)['calendars']);

        return self::text(self::find($all, 'name', $name)['subject']);
    }

    public function testACalendarIsReadByItsLinkInTheSalonsTimeUntilTheLinkIsTakenBack(): void
    {
        $this->db()->executeStatement("UPDATE salon SET time_zone = 'Europe/Berlin'");
        $this->signIn('tove');
        self::assertSame(['Tove Lindgarth'], array_keys($this->calendars()), 'only one’s own');
        $me = $this->subject('Tove Lindgarth');
        $day = date('Y-m-d', (int) strtotime('+50 days'));
        $body = ['day' => $day, 'time' => '09:30', 'staff' => $me];
        $this->ask('POST', '/api/dogs/'.$this->dogId('Tansy').'/bookings', $body, 201);
        $this->ask('PUT', '/api/me/calendar', [], 200);
        $path = (string) $this->calendars()['Tove Lindgarth'];
        $this->client->getCookieJar()->clear();
        $feed = function (string $path, int $expect): string {
            $this->client->request('GET', $path);
            self::assertSame($expect, $this->client->getResponse()->getStatusCode());

            return (string) $this->client->getResponse()->getContent();
        };
        $ics = $feed($path, 200);
        self::assertStringNotContainsString('0555', $ics, 'nobody’s number');
        $calendar = Reader::read($ics);
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], array_column($calendar->validate(), 'message'));
        $start = 'DTSTART;TZID=Europe/Berlin:'.str_replace('-', '', $day).'T093000';
        $its = array_values(array_filter(
            explode('BEGIN:VEVENT', $ics),
            static fn (string $e): bool => str_contains($e, $start),
        ));
        self::assertCount(1, $its);
        self::assertStringContainsString('SUMMARY:Tansy: Full groom', $its[0]);
        // A new link closes the one before; taken back, none opens.
        $this->signIn('tove');
        $this->ask('PUT', '/api/me/calendar', [], 200);
        $feed($path, 404);
        $new = (string) $this->calendars()['Tove Lindgarth'];
        $feed($new, 200);
        $this->ask('DELETE', '/api/me/calendar', [], 200);
        $feed($new, 404);
        $feed('/calendar/'.str_repeat('0', 64).'.ics', 404);
    }

    public function testWhoLeadsTheSalonSharesThePlacesAndNobodyElsesElsewhere(): void
    {
        $this->signIn('maren');
        self::assertArrayHasKey('Mill room', $this->calendars());
        $mill = $this->subject('Mill room');
        $this->ask('PUT', "/api/calendars/$mill", [], 200);
        $this->signIn('tove');
        $this->ask('PUT', "/api/calendars/$mill", [], 403);
        $this->signIn('sunniva');
        $this->ask('DELETE', "/api/calendars/$mill", [], 404);
        $this->ask('PUT', '/api/calendars/none', [], 404);
    }
}
