<?php

/** The wash: today's mixes, bottles with their dates, stock, and what a skin did not bear. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;
use PHPUnit\Framework\Attributes\DataProvider;

final class WashTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('pell');
    }

    public function testTodaysDogsEachWithTheirMix(): void
    {
        $wash = $this->ask('GET', '/api/wash', expect: 200);
        $dogs = self::rows($wash['dogs']);
        self::assertSame(['Osric', 'Perrin', 'Tatter', 'Tansy', 'Sedge', 'Wick'], array_column($dogs, 'name'));
        $sedge = self::find($dogs, 'name', 'Sedge');
        // 0.101 × 24^(2/3) m² × 1.2 l × 2 passes, at 1:12.
        self::assertSame(
            ['Barley undercoat wash', 2.02, 155.1, 5, 2, 326],
            [
                $sedge['product_name'],
                $sedge['litres'],
                $sedge['concentrate_ml'],
                $sedge['dwell_min'],
                $sedge['passes'],
                $sedge['cost_minor'],
            ],
        );
        self::assertSame(['surface', 'coat', 'passes', 'ratio'], array_column(self::rows($sedge['reasons']), 'term'));
        self::assertSame('Terrier soap', self::find($dogs, 'name', 'Osric')['product_name']);
        $barley = self::find(self::rows($wash['products']), 'name', 'Barley undercoat wash');
        self::assertSame(
            [2.02, 3, 0.0, 1],
            [
                self::map($barley['today'])['to_mix_l'],
                self::map($barley['today'])['bottles'],
                self::number(self::map($barley['today'])['standing_ml']),
                self::map($barley['today'])['dogs'],
            ],
        );
        self::assertTrue(
            self::find(self::rows($wash['bottles']), 'name', 'Barley undercoat wash')['over'],
            'a bottle past its day does not count',
        );
        self::assertSame(
            ['brush_out', 'washing_order', 'shampoo', 'bath_frequency', 'drying', 'drying_way'],
            array_column(self::rows($wash['schools']), 'point'),
        );
        self::assertLessThanOrEqual(8, QueryCounter::during(fn () => $this->ask('GET', '/api/wash', expect: 200)));
    }

    public function testMixingMakesLabelledBottlesAndTakesFromTheStock(): void
    {
        $oat = $this->product('Oat wash');
        $wash = $this->ask('POST', '/api/wash/bottles', ['product' => $oat['id'], 'litres' => 1.2], 201);
        $new = array_values(
            array_filter(
                self::rows($wash['bottles']),
                static fn (array $b): bool => 'Oat wash' === $b['name'] && 'Pell Hasp' === $b['who'],
            ),
        );
        self::assertSame(
            [500, 500, 500, 200],
            array_map(static fn (array $b): int => (int) self::number($b['ml']), $new),
            'one stood there already',
        );
        self::assertSame(
            [date('Y-m-d'), date('Y-m-d'), '1:10'],
            [$new[1]['mixed_on'], $new[1]['discard_by'], $new[1]['ratio_words']],
        );
        self::assertSame(1850.0 - 109.1, $this->product('Oat wash')['stock_ml']);
        $poured = $this->ask('PUT', '/api/wash/bottles/'.self::text($new[1]['id']), ['poured' => true], 200, [
            'If-Match' => '"1"',
        ]);
        self::assertNotContains($new[1]['id'], array_column(self::rows($poured['bottles']), 'id'));
        $this->ask('PUT', '/api/wash/bottles/'.self::text($new[1]['id']), ['poured' => true], 412, [
            'If-Match' => '"1"',
        ]);
        $back = $this->ask('PUT', '/api/wash/bottles/'.self::text($new[1]['id']), ['poured' => false], 200, [
            'If-Match' => '"2"',
        ]);
        self::assertContains($new[1]['id'], array_column(self::rows($back['bottles']), 'id'));
    }

    public function testADiscardDatePastTheMakersIsRefused(): void
    {
        $terrier = $this->product('Terrier soap');
        $late = $this->ask(
            'POST',
            '/api/wash/bottles',
            ['product' => $terrier['id'], 'litres' => 1, 'discard_by' => date('Y-m-d', strtotime('+4 days'))],
            422,
        );
        self::assertStringContainsString(
            date('D j M Y', strtotime('+3 days')).' at the latest',
            self::errors($late)['discard_by'],
        );
        self::assertStringContainsString(
            'no longer',
            self::errors(
                $this->ask(
                    'POST',
                    '/api/wash/bottles',
                    [
                        'product' => $this->product('Oat wash')['id'],
                        'litres' => 1,
                        'discard_by' => date('Y-m-d', strtotime('+1 day')),
                    ],
                    422,
                ),
            )['discard_by'],
        );
        foreach ([['litres' => 0], ['litres' => -1], ['litres' => 9000], ['litres' => '1 l'], []] as $body) {
            self::assertSame(
                ['litres'],
                array_keys(
                    self::errors($this->ask('POST', '/api/wash/bottles', ['product' => $terrier['id']] + $body, 422)),
                ),
            );
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function ratios(): iterable
    {
        yield 'the wrong way round' => ['10:1', 'was 1:10 meant?'];
        yield 'nothing' => ['0', 'must be 1 to 200'];
        yield 'below one' => ['0.1', 'was 1:10 meant?'];
        yield 'markup' => ['<b>1:10</b>', 'must be written 1:10'];
    }

    #[DataProvider('ratios')]
    public function testARatioTypedWrongIsAskedAbout(string $ratio, string $says): void
    {
        $this->signIn('maren');
        $errors = self::errors(
            $this->ask('POST', '/api/wash/products', ['name' => 'Clover wash', 'ratio' => $ratio], 422),
        );
        self::assertSame(['ratio'], array_keys($errors));
        self::assertStringContainsString($says, $errors['ratio']);
    }

    public function testAProductIsAddedChangedAndTakenOutOfUse(): void
    {
        $this->signIn('maren');
        $this->ask(
            'POST',
            '/api/wash/products',
            [
                'name' => 'Clover wash',
                'ratio' => '1:20',
                'coats' => ['curly'],
                'stock_ml' => 900,
                'litre_minor' => 3000,
            ],
            201,
        );
        self::assertSame(
            'Clover wash',
            self::find(self::rows($this->ask('GET', '/api/wash')['dogs']), 'name', 'Tansy')['product_name'],
            'meant for her coat',
        );
        $clover = $this->product('Clover wash');
        self::assertSame(['1:20', 900], [$clover['ratio_words'], (int) self::number($clover['stock_ml'])]);
        $wash = $this->ask(
            'PUT',
            '/api/wash/products/'.self::text($clover['id']),
            ['name' => 'Clover wash', 'ratio' => '25', 'active' => false],
            200,
            ['If-Match' => '"1"'],
        );
        self::assertNotContains('Clover wash', array_column(self::rows($wash['products']), 'name'));
        $this->ask(
            'PUT',
            '/api/wash/products/'.self::text($clover['id']),
            ['name' => 'Clover wash', 'ratio' => '25'],
            412,
            ['If-Match' => '"1"'],
        );
    }

    public function testTheSchoolOfOnePassHalvesADogsWash(): void
    {
        $tansy = fn (): array => self::find(self::rows($this->ask('GET', '/api/wash')['dogs']), 'name', 'Tansy');
        self::assertSame([2, 0.8], [$tansy()['passes'], $tansy()['litres']]);
        $this->signIn('tove');
        $this->ask(
            'PUT',
            '/api/dogs/'.$this->dogId('Tansy').'/schools',
            ['point' => 'shampoo', 'side' => 'straight'],
            200,
            ['If-Match' => '"1"'],
        );
        self::assertSame([1, 0.4], [$tansy()['passes'], $tansy()['litres']]);
        self::assertSame(['Shampoo: straight on, one pass'], $tansy()['differs']);
    }

    public function testAJugThatHeldMoreThanWasCountedIsEmptyNotNegative(): void
    {
        $terrier = $this->product('Terrier soap');
        $this->ask('POST', '/api/wash/bottles', ['product' => $terrier['id'], 'litres' => 5], 201);
        $after = $this->product('Terrier soap');
        self::assertSame(0, (int) self::number($after['stock_ml']));
        self::assertSame(2, $after['version']);
        $this->signIn('maren');
        $stale = $this->ask(
            'PUT',
            '/api/wash/products/'.self::text($terrier['id']),
            ['name' => 'Terrier soap', 'ratio' => '1:8', 'stock_ml' => 1000],
            412,
            ['If-Match' => '"1"'],
        );
        self::assertSame(
            0,
            (int) self::number($stale['theirs_stock_ml']),
            'what was mixed meanwhile is not overwritten',
        );
    }

    public function testADogNobodyWeighedIsListedWithoutAMix(): void
    {
        $this->db()->executeStatement('UPDATE dog SET kg = NULL WHERE name = ?', ['Tansy']);
        $dog = self::find(self::rows($this->ask('GET', '/api/wash', expect: 200)['dogs']), 'name', 'Tansy');
        self::assertSame([null, null, 'Oat wash'], [$dog['litres'], $dog['cost_minor'], $dog['product_name']]);
    }

    public function testAReactionStandsOnTheCardAndChoosesAnotherProduct(): void
    {
        $id = $this->dogId('Wick');
        self::assertSame(
            'Terrier soap',
            self::find(self::rows($this->ask('GET', '/api/wash')['dogs']), 'name', 'Wick')['product_name'],
        );
        $wash = $this->ask(
            'POST',
            "/api/dogs/$id/reactions",
            ['product' => $this->product('Terrier soap')['id'], 'what' => 'wheals on the belly'],
            201,
        );
        $wick = self::find(self::rows($wash['dogs']), 'name', 'Wick');
        self::assertSame('Oat wash', $wick['product_name']);
        $caution = self::find(self::rows($this->card('Wick')['cautions']), 'code', 'reaction');
        self::assertSame('danger', $caution['level']);
        self::assertStringContainsString('wheals on the belly', self::text($caution['message']));
        $reaction = self::text(
            self::rows(
                json_decode(
                    self::text($this->db()->fetchOne('SELECT reactions FROM dog WHERE name = ?', ['Wick'])),
                    true,
                ),
            )[0]['id'],
        );
        $this->ask('DELETE', "/api/dogs/$id/reactions/$reaction", [], 200);
        self::assertNotContains('reaction', array_column(self::rows($this->card('Wick')['cautions']), 'code'));
        $this->ask('DELETE', "/api/dogs/$id/reactions/$reaction", [], 404);
        $this->ask(
            'POST',
            "/api/dogs/$id/reactions",
            ['product' => $this->product('Terrier soap')['id'], 'what' => ' '],
            422,
        );
    }

    /** @return array<string, mixed> */
    private function product(string $name): array
    {
        return self::find(self::rows($this->ask('GET', '/api/wash', expect: 200)['products']), 'name', $name);
    }
}
