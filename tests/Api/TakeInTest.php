<?php

/** Sheets of dogs and owners: recognised, looked at, taken in by the worker, taken out again; never by half. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;

final class TakeInTest extends ApiTestCase
{
    private const SHEET = "Pet Name;Breed;Owner;Mobile;E-mail;DOB;Weight (lbs);Notes;Room\n".
        'Moss;poodle cross;Nell Sedgeley;0555 014 7700;nell@example.org;03/05/2019;26,5;'.
        "back 16 over 10, legs scissored;x\n".
        "Bramble;cocker spaniel;Nell Sedgeley;0555 014 7700;;2021;;'=SUM(A1);\n".
        "Fern;terrier, wire;Rafe Moor;0555 014 7701;;;;;\n";
    private const COLUMNS = ['name', 'breed', 'owner', 'phone', 'email', 'born_on', 'lb', 'paper', ''];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('maren');
    }

    public function testASheetIsRecognisedLookedAtTakenInOnceAndTakenOutAgain(): void
    {
        $given = $this->giveSheet(self::SHEET, 201);
        self::assertSame(self::COLUMNS, array_column(self::rows($given['columns']), 'likely'));
        self::assertSame(['Moss', 'Bramble', 'Fern'], self::rows($given['columns'])[0]['examples']);
        $api = '/api/imports/'.self::text($given['id']);
        $check = $this->ask('POST', "$api/answer", ['columns' => self::COLUMNS], 200);
        self::assertSame([3, 3, 0, 0], [$check['rows'], $check['ready'], $check['known'], $check['faulty']]);
        $moss = self::rows($check['first'])[0];
        self::assertSame(
            [2, 'Moss', 'curly', '2019-05-03', 12.02],
            [$moss['row'], $moss['name'], $moss['coat'], $moss['born_on'], $moss['kg']],
        );
        $dogs = $this->there('dog');
        self::assertSame($dogs, $this->there('dog'), 'nothing is written by looking');
        $begun = $this->ask('POST', $api, ['columns' => self::COLUMNS], 202);
        self::assertSame(['begun', 3], [$begun['state'], self::map($begun['job'])['total']]);
        $this->workThrough();
        $done = $this->ask('GET', $api, expect: 200);
        self::assertSame(['done', 3], [$done['state'], $done['made']]);
        self::assertSame($dogs + 3, $this->there('dog'));
        self::assertSame(1, $this->there("client WHERE name = 'Nell Sedgeley'"), 'two dogs of one owner have one home');
        self::assertSame(1, $this->there("dog WHERE name = 'Bramble' AND born_estimated = 1 AND paper = '=SUM(A1)'"));
        // From paper to the plan.
        $line = $this->ask('GET', '/api/dogs/'.$this->dogId('Moss').'/line', expect: 200);
        self::assertSame([true, false], array_column(self::rows($line['from_paper']), 'sure'));
        self::assertSame('back: 16/10', self::rows($line['from_paper'])[0]['line']);
        // Twice is once.
        $this->ask('POST', $api, ['columns' => self::COLUMNS], 409);
        $again = $this->giveSheet(self::SHEET, 201);
        $second = '/api/imports/'.self::text($again['id']);
        self::assertSame(3, $this->ask('POST', "$second/answer", ['columns' => self::COLUMNS], 200)['known']);
        $this->ask('POST', $second, ['columns' => self::COLUMNS], 409);
        // And out again, with the homes that came.
        $out = $this->ask('DELETE', $api, [], 200);
        self::assertSame(['undone', 0], [$out['state'], $out['made']]);
        self::assertSame([$dogs, 0], [$this->there('dog'), $this->there("client WHERE name = 'Nell Sedgeley'")]);
        $this->ask('DELETE', $api, [], 409);
    }

    public function testWhatHasAHistoryByNowIsNotTakenOutNorAnythingBesideIt(): void
    {
        $api = '/api/imports/'.self::text($this->giveSheet(self::SHEET, 201)['id']);
        $this->ask('POST', $api, ['columns' => self::COLUMNS], 202);
        $this->workThrough();
        $dogs = $this->there('dog');
        $booking = ['day' => date('Y-m-d', (int) strtotime('+41 days')), 'time' => '10:00'];
        $this->ask('POST', '/api/dogs/'.$this->dogId('Fern').'/bookings', $booking, 201);
        $said = $this->ask('DELETE', $api, [], 409);
        self::assertStringContainsString('Fern', self::text($said['title']));
        self::assertSame($dogs, $this->there('dog'));
        self::assertSame('done', $this->ask('GET', $api, expect: 200)['state']);
    }

    public function testEveryFaultIsNamedByRowAndColumnAndLeftOutOnlyWhenSaid(): void
    {
        $sheet = "Dog,Breed,Owner,Phone,Kg,Sex,Born\n".
            "Moss,poodle,Nell Sedgeley,0555 014 7700,900,?,31/02/2020\n".
            "Dog,Breed,Owner,Phone,Kg,Sex,Born\n".
            "Fern,something,Rafe Moor,1,12,f,2019-05-03\n".
            "Holt,poodle,Rafe Moor,0555 014 7701,12,f,2019-05-03\n".
            "HOLT,poodle,Rafe Moor,0555-014-7701,12,f,2019-05-03,one,too,many\n".
            "holt,poodle,rafe moor,0555-014-7701,12,f,2019-05-03\n";
        $columns = ['columns' => ['name', 'breed', 'owner', 'phone', 'kg', 'sex', 'born_on']];
        $api = '/api/imports/'.self::text($this->giveSheet($sheet, 201)['id']);
        $check = $this->ask('POST', "$api/answer", $columns, 200);
        self::assertSame([6, 1, 5], [$check['rows'], $check['ready'], $check['faulty']]);
        $faults = array_map(
            static fn (array $f): string => self::number($f['row']).' '.self::text($f['column']),
            self::rows($check['faults']),
        );
        sort($faults);
        self::assertSame(
            ['2 Born', '2 Kg', '2 Sex', '3 ', '4 Phone', '4 coat', '6 ', '7 Dog'],
            $faults,
        );
        $refused = $this->ask('POST', $api, $columns, 422);
        self::assertSame(['leave'], array_column(self::rows($refused['errors']), 'field'));
        $this->ask('POST', $api, $columns + ['leave' => true], 202);
        $this->workThrough();
        self::assertSame(1, $this->ask('GET', $api, expect: 200)['made']);
        // Where neither column nor breed tells the coat, one may be said for all.
        $told = $this->ask('POST', "$api/answer", $columns + ['coat' => 'wire'], 200);
        self::assertNotContains('coat', array_column(self::rows($told['faults']), 'column'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrongColumns(): iterable
    {
        yield 'too few' => [['columns' => ['name', 'breed']], 'columns'];
        yield 'no phone' => [['columns' => ['name', 'breed', 'owner', '', '', '', '', '', '']], 'columns'];
        yield 'twice' => [['columns' => ['name', 'breed', 'owner', 'phone', 'name', '', '', '', '']], 'columns[4]'];
        yield 'unknown' => [['columns' => ['name', 'breed', 'owner', 'phone', 'soul', '', '', '', '']], 'columns[4]'];
        yield 'no such coat' => [['columns' => self::COLUMNS, 'coat' => 'fluff'], 'coat'];
    }

    /** @param array<string, mixed> $said */
    #[DataProvider('wrongColumns')]
    public function testColumnsThatCannotMakeADogAreNamed(array $said, string $field): void
    {
        $api = '/api/imports/'.self::text($this->giveSheet(self::SHEET, 201)['id']);
        $refused = $this->ask('POST', "$api/answer", $said, 422);
        self::assertSame([$field], array_column(self::rows($refused['errors']), 'field'));
    }

    /** @return iterable<string, array{string}> */
    public static function noSheets(): iterable
    {
        yield 'empty' => [''];
        yield 'spaces' => [" \n \n"];
        yield 'a zip' => ["PK\x03\x04".str_repeat("\0", 60)];
        yield 'a PDF' => ["%PDF-1.7\nx,y\n"];
        yield 'one column' => ["Dog\nMoss\n"];
        yield 'bytes' => ["Dog,Breed\n\0\0\0,x\n"];
        yield 'a hundred columns' => [implode(',', range(1, 100))."\n"];
    }

    #[DataProvider('noSheets')]
    public function testWhatIsNoSheetIsRefusedAtOnce(string $bytes): void
    {
        $refused = $this->giveSheet($bytes, 422);
        self::assertSame(['file'], array_column(self::rows($refused['errors']), 'field'));
        self::assertSame([], $this->ask('GET', '/api/imports', expect: 200)['imports']);
    }

    public function testOtherEncodingsAreReadAndSaid(): void
    {
        $sheet = "Dog,Breed,Owner,Phone\nFrühling,poodle,Åse Moor,0555 014 7701\n";
        foreach (
            [
                'UTF-8' => "\xEF\xBB\xBF$sheet",
                'UTF-16LE' => "\xFF\xFE".mb_convert_encoding($sheet, 'UTF-16LE', 'UTF-8'),
                'Windows-1252' => (string) mb_convert_encoding($sheet, 'Windows-1252', 'UTF-8'),
            ] as $encoding => $bytes
        ) {
            $given = $this->giveSheet($bytes, 201);
            self::assertSame($encoding, $given['encoding']);
            self::assertSame(['Frühling'], self::rows($given['columns'])[0]['examples']);
        }
    }

    public function testAnotherSalonsSheetsAndDogsAreNone(): void
    {
        $api = '/api/imports/'.self::text($this->giveSheet(self::SHEET, 201)['id']);
        $theirs = $this->dogId('Quillon');
        $ids = "Dog ID,Dog,Breed,Owner,Phone\n$theirs,Moss,poodle,Nell Sedgeley,0555 014 7700\n".
            $this->dogId('Tansy').",Tansy,poodle,Nell Sedgeley,0555 014 7700\n";
        $mine = '/api/imports/'.self::text($this->giveSheet($ids, 201)['id']);
        $check = $this->ask('POST', "$mine/answer", ['columns' => ['id', 'name', 'breed', 'owner', 'phone']], 200);
        self::assertSame([1, 1], [$check['known'], $check['faulty']]);
        self::assertSame('Dog ID', self::rows($check['faults'])[0]['column']);
        $this->signIn('sunniva');
        $this->ask('GET', $api, expect: 404);
        $this->ask('POST', "$api/answer", ['columns' => self::COLUMNS], 404);
        $this->ask('POST', $api, ['columns' => self::COLUMNS], 404);
        $this->ask('DELETE', $api, [], 404);
        self::assertSame([], $this->ask('GET', '/api/imports', expect: 200)['imports']);
    }

    private function there(string $of): int
    {
        return (int) self::number($this->db()->fetchOne("SELECT COUNT(*) FROM $of"));
    }
}
