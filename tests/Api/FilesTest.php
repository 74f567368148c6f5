<?php

/** An address book and a calendar from elsewhere: looked at first, each fault named, nothing made twice. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

final class FilesTest extends ApiTestCase
{
    private const CARDS = <<<'VCF'
        BEGIN:VCARD
        VERSION:2.1
        N:Sedgeley;Nell
        TEL;HOME:0555 014 7700
        END:VCARD
        BEGIN:VCARD
        VERSION:3.0
        FN:Aveline Marchpane
        TEL;TYPE=CELL:+0555-014-4471
        item1.X-ABLabel:anything
        END:VCARD
        BEGIN:VCARD
        VERSION:4.0
        FN:Rafe Moor
        TEL;VALUE=uri:tel:0555-014-7701
        EMAIL:rafe@example.test
        END:VCARD
        BEGIN:VCARD
        VERSION:4.0
        FN:Rafe Moor
        TEL:0555 014 7701
        END:VCARD
        BEGIN:VCARD
        VERSION:4.0
        FN:Nobody
        END:VCARD
        BEGIN:VCARD
        VERSION:4.0
        FN:=HYPERLINK("x")
        EMAIL:not an address
        END:VCARD
        VCF;

    public function testAnAddressBookIsLookedAtThenTakenInOnce(): void
    {
        $this->signIn('maren');
        $before = $this->homes();
        $look = $this->giveSheet(self::CARDS, 200, '/api/contacts/answer');
        self::assertNull($look['made']);
        $contacts = self::rows($look['contacts']);
        self::assertSame(['new', 'known', 'new', 'known', 'fault', 'fault'], array_column($contacts, 'state'));
        self::assertSame(['Nell Sedgeley', '0555 014 7700'], [$contacts[0]['name'], $contacts[0]['phone']]);
        self::assertSame('has no number and no e-mail address', $contacts[4]['why']);
        self::assertSame('has an e-mail address that is none', $contacts[5]['why']);
        self::assertSame($before, $this->homes());
        self::assertSame(2, $this->giveSheet(self::CARDS, 200, '/api/contacts')['made']);
        self::assertSame(0, $this->giveSheet(self::CARDS, 200, '/api/contacts')['made']);
        self::assertSame($before + 2, $this->homes());
        $hints = (string) json_encode($this->ask('GET', '/api/dogs/new/hints?owner=Rafe%20Moor&phone=05550147701'));
        self::assertStringContainsString('Rafe Moor', $hints);
    }

    public function testACalendarIsLookedAtThenBooked(): void
    {
        $this->signIn('maren');
        $zone = new \DateTimeZone(self::text($this->db()->fetchOne(
            "SELECT time_zone FROM salon WHERE name = 'The Fulling Room'",
        )));
        $day = new \DateTimeImmutable('+58 days', $zone);
        $monday = $day->modify('next monday')->setTime(10, 0);
        $utc = $monday->setTimezone(new \DateTimeZone('UTC'))->format('Ymd\THis\Z');
        $next = $monday->modify('+1 day')->format('Ymd\THis');
        $ics = "BEGIN:VCALENDAR\nVERSION:2.0\n".
            "BEGIN:VEVENT\nUID:1\nDTSTART:$utc\nSUMMARY:Osric - nails\nEND:VEVENT\n".
            "BEGIN:VEVENT\nUID:2\nDTSTART;TZID={$zone->getName()}:$next\nSUMMARY:TANSY (Marchpane) full\nEND:VEVENT\n".
            "BEGIN:VEVENT\nUID:3\nDTSTART;VALUE=DATE:20300101\nSUMMARY:Osric all day\nEND:VEVENT\n".
            "BEGIN:VEVENT\nUID:4\nDTSTART:{$utc}\nSUMMARY:Dentist\nEND:VEVENT\n".
            "BEGIN:VEVENT\nUID:5\nDTSTART:20200101T100000Z\nSUMMARY:Osric\nEND:VEVENT\n".
            "BEGIN:VEVENT\nUID:6\nDTSTART:{$utc}\nSTATUS:CANCELLED\nSUMMARY:Osric\nEND:VEVENT\n".
            "BEGIN:VEVENT\nUID:7\nDTSTART:nonsense\nSUMMARY:Osric\nEND:VEVENT\nEND:VCALENDAR\n";
        $look = $this->giveSheet($ics, 200, '/api/appointments/answer');
        $by = array_column(self::rows($look['appointments']), null, 'title');
        self::assertSame(
            ['ready', 'nails', '10:00', $monday->format('Y-m-d')],
            [$by['Osric - nails']['state'], $by['Osric - nails']['kind'], $by['Osric - nails']['time'],
                $by['Osric - nails']['day']],
        );
        self::assertSame(['ready', '10:00'], [
            $by['TANSY (Marchpane) full']['state'], $by['TANSY (Marchpane) full']['time'],
        ]);
        self::assertSame('has no time of the day', $by['Osric all day']['why']);
        self::assertSame('names no dog of the book', $by['Dentist']['why']);
        self::assertCount(6, self::rows($look['appointments']));
        $booked = $this->bookings();
        $made = $this->giveSheet($ics, 200, '/api/appointments');
        self::assertSame(2, $made['made'], (string) json_encode($made));
        self::assertSame($booked + 2, $this->bookings());
        // A second time each is told that its dog is booked then.
        $again = $this->giveSheet($ics, 200, '/api/appointments');
        self::assertSame(0, $again['made'], (string) json_encode($again));
        self::assertSame($booked + 2, $this->bookings());
    }

    public function testOneThatComesAgainAndAgainIsBookedHalfAYearAhead(): void
    {
        $this->signIn('maren');
        $first = (new \DateTimeImmutable('-3 weeks'))->format('Ymd\T100000');
        $ics = "BEGIN:VCALENDAR\nBEGIN:VEVENT\nUID:r\nDTSTART:$first\nRRULE:FREQ=WEEKLY;INTERVAL=8\nSUMMARY:Osric".
            "\nEND:VEVENT\nEND:VCALENDAR";
        $all = self::rows($this->giveSheet($ics, 200, '/api/appointments/answer')['appointments']);
        self::assertContains(\count($all), [3, 4]);
        foreach ($all as $a) {
            self::assertSame('ready', $a['state']);
        }
    }

    public function testWhatIsNoneIsSaidAndNothingIsMade(): void
    {
        $this->signIn('maren');
        $before = [$this->homes(), $this->bookings()];
        foreach (['', 'PK zip', "BEGIN:VCARD\nFN", "Dog,Breed\n", '<html>', "\xFF\xFE\0"] as $bytes) {
            foreach (['contacts', 'appointments'] as $what) {
                $said = $this->giveSheet($bytes, null, "/api/$what");
                $status = $this->client->getResponse()->getStatusCode();
                self::assertContains($status, [200, 422], "$what: $bytes");
                if (422 === $status) {
                    self::assertArrayHasKey('file', self::errors(self::map($said)));
                }
            }
        }
        self::assertSame($before, [$this->homes(), $this->bookings()]);
        $this->signIn('tove');
        $this->giveSheet(self::CARDS, 403, '/api/contacts');
        $this->giveSheet(self::CARDS, 403, '/api/appointments');
    }

    private function homes(): int
    {
        return (int) self::number($this->db()->fetchOne('SELECT COUNT(*) FROM household'));
    }

    private function bookings(): int
    {
        return (int) self::number($this->db()->fetchOne('SELECT COUNT(*) FROM booking'));
    }
}
