<?php

/** A record is its own form: it says what is allowed, is made of what was sent, and names what is wrong. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Diary\NewBooking;
use KeenThistle\Input\Form;
use KeenThistle\Table\CloseForm;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FormTest extends TestCase
{
    /** @param array<string, mixed> $given */
    private static function booking(array $given): NewBooking
    {
        return Form::make(NewBooking::class, Form::shape(NewBooking::class)->fields((object) $given));
    }

    public function testWhatIsLeftOutHasItsDefault(): void
    {
        $booking = self::booking(['day' => '2026-03-31']);
        self::assertSame('2026-03-31', $booking->day->format('Y-m-d'));
        self::assertSame(
            ['09:00', 'full', null, ''],
            [$booking->time, $booking->kind, $booking->staff, $booking->note],
        );
    }

    public function testItDescribesItselfForTheApi(): void
    {
        $schema = Form::shape(NewBooking::class)->toJsonSchema();
        self::assertSame(['day'], $schema['required']);
        self::assertIsArray($schema['properties']);
        self::assertSame(
            [
                'description' => 'who; null: not decided',
                'type' => ['string', 'null'],
                'minLength' => 0,
                'maxLength' => 36,
            ],
            $schema['properties']['staff'],
        );
    }

    public function testRecordsInAListAreRecords(): void
    {
        $given = (object) ['next' => [(object) ['kind' => 'full', 'on' => '2026-05-04']], 'upkeep' => 'daily'];
        $form = Form::make(CloseForm::class, Form::shape(CloseForm::class)->fields($given));
        self::assertSame('2026-05-04', $form->next[0]->on->format('Y-m-d'));
        self::assertSame('daily', $form->upkeep?->value);
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function wrong(): iterable
    {
        yield 'nothing' => [[], ['day']];
        yield 'no such day' => [['day' => '2026-02-30'], ['day']];
        yield 'two things' => [['day' => 7, 'time' => 'half past nine'], ['day', 'time']];
        yield 'not allowed' => [['day' => '2026-03-31', 'kind' => 'bath and a half'], ['kind']];
        yield 'unknown' => [['day' => '2026-03-31', 'colour' => 'red'], ['colour']];
    }

    /**
     * @param array<string, mixed> $given
     * @param list<string> $fields
     */
    #[DataProvider('wrong')]
    public function testEveryWrongFieldIsNamed(array $given, array $fields): void
    {
        try {
            self::booking($given);
            self::fail('it was accepted');
        } catch (InvalidInput $e) {
            self::assertSame($fields, array_column($e->all(), 'field'));
        }
    }
}
