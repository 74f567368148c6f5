<?php

/** Makes a dog's form of a row of a sheet; every fault is named by the heading of its column. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Book\Dog;
use KeenThistle\Book\DogForm;
use KeenThistle\Core\Coat\BreedWords;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Input\Form;

final readonly class RowReader
{
    private const KG_OF_LB = 0.45359237;
    private const SEXES = ['f' => 'female', 'female' => 'female', 'bitch' => 'female', 'girl' => 'female',
        'm' => 'male', 'male' => 'male', 'dog' => 'male', 'boy' => 'male', ];
    /** Day first, as most of the world writes it; month first where the salon does. */
    private const DAYS = ['!Y-m-d', '!j.n.Y', '!j/n/Y', '!j-n-Y', '!j M Y', '!j F Y', '!j.n.y', '!j/n/y'];
    private const DAYS_US = ['!Y-m-d', '!n/j/Y', '!n-j-Y', '!M j Y', '!F j Y', '!n/j/y', '!j M Y', '!j F Y'];
    private const SAYS = ['owner.name' => 'owner', 'owner.phone' => 'phone', 'owner.email' => 'email'];

    private Shape $dog;

    /**
     * @param list<string> $columns field by column, as the person has said
     * @param string $coat where neither a column nor the breed tells it; empty: that is a fault
     */
    public function __construct(private array $columns, private string $coat, private string $language)
    {
        $this->dog = Form::shape(DogForm::class);
    }

    /**
     * @param list<string> $cells
     *
     * @return array<string, mixed> as a DogForm is read from; it is one
     *
     * @throws InvalidInput by field
     */
    public function read(array $cells): array
    {
        if (\count($cells) > \count($this->columns)) {
            throw InvalidInput::at('', \sprintf(
                'has %d cells, the heading has %d: a separator too many, or an open quote above',
                \count($cells),
                \count($this->columns),
            ));
        }
        $said = [];
        foreach ($this->columns as $n => $field) {
            if ('' !== $field && '' !== ($cells[$n] ?? '')) {
                $said[$field] = $cells[$n];
            }
        }
        $faults = [];
        $form = $this->form($said, $faults);
        try {
            Form::make(DogForm::class, $this->dog->fields(self::objects($form)));
        } catch (InvalidInput $e) {
            $faults[] = $e;
        }
        if ([] !== $faults) {
            throw InvalidInput::several($faults);
        }

        return $form;
    }

    /** The field of a fault, as a column has it. */
    public static function fieldOf(string $named): string
    {
        return self::SAYS[$named] ?? $named;
    }

    /**
     * @param array<string, string> $said
     * @param list<InvalidInput> $faults
     *
     * @return array<string, mixed>
     */
    private function form(array $said, array &$faults): array
    {
        $breed = $said['breed'] ?? '';
        $form = (new BreedWords())->read($breed)['suggests'];
        $form = array_intersect_key($form, ['build' => 1, 'muzzle' => 1, 'ear_type' => 1, 'ear_set' => 1, 'coat' => 1,
            'tail_type' => 1, 'tail_carriage' => 1, ]);
        foreach (['name', 'breed', 'handling_note', 'health_note', 'vet', 'paper'] as $plain) {
            if (isset($said[$plain])) {
                $form[$plain] = $said[$plain];
            }
        }
        /** @param callable(string): array<string, mixed> $read */
        $try = static function (string $field, callable $read) use ($said, &$form, &$faults): void {
            if (!isset($said[$field])) {
                return;
            }
            try {
                $values = $read($said[$field]);
                \assert(\is_array($values));
                foreach ($values as $key => $value) {
                    $form[(string) $key] = $value;
                }
            } catch (InvalidInput $e) {
                $faults[] = $e;
            }
        };
        $try('coat', static fn (string $v): array => ['coat' => self::coat($v)]);
        if (!isset($form['coat'])) {
            if ('' !== $this->coat) {
                $form['coat'] = $this->coat;
            } elseif (!isset($said['coat'])) {
                $faults[] = InvalidInput::at('coat', 'is not said, and the breed does not tell it');
                $form['coat'] = CoatType::Curly->value;
            } else {
                $form['coat'] = CoatType::Curly->value;
            }
        }
        $try('sex', static fn (string $v): array => [
            'sex' => self::SEXES[mb_strtolower($v)] ??
                (\in_array(mb_strtolower($v), Dog::SEXES, true)
                    ? mb_strtolower($v)
                    : throw InvalidInput::at('sex', 'must be one of f, m, '.implode(', ', Dog::SEXES))),
        ]);
        $try('born_on', fn (string $v): array => $this->born($v));
        $try('vaccinated_until', fn (string $v): array => ['vaccinated_until' => $this->day('vaccinated_until', $v)]);
        $try('kg', static fn (string $v): array => ['kg' => self::weight('kg', $v)]);
        $try('lb', static fn (string $v): array => [
            'kg' => round(self::weight('lb', $v) * self::KG_OF_LB, 2),
        ]);
        $try('wish_weeks', static fn (string $v): array => [
            'wish_weeks' => 1 === preg_match('/^(\d{1,3})\s*(?:w|wk|wks|weeks?)?$/i', $v, $m)
                ? (int) $m[1]
                : throw InvalidInput::at('wish_weeks', 'must be a number of weeks'),
        ]);
        $try('colour', static fn (string $v): array => \in_array(mb_strtolower($v), Dog::COLOURS, true)
            ? ['colour' => mb_strtolower($v)]
            // Words for colours are many: what is none of ours is kept with what is known of the dog.
            : ['handling_note' => trim(($said['handling_note'] ?? '')."\nColour: $v")]);
        $form['owner'] = [
            'name' => $said['owner'] ?? '',
            'phone' => $said['phone'] ?? '',
            'email' => $said['email'] ?? '',
        ];

        return $form;
    }

    /** @return array{born_on: string, born_estimated: bool} */
    private function born(string $said): array
    {
        // Only a year is known: from its middle it is half a year wrong at most.
        return 1 === preg_match('/^(19|20)\d\d$/', $said)
            ? ['born_on' => "$said-07-01", 'born_estimated' => true]
            : ['born_on' => $this->day('born_on', $said), 'born_estimated' => false];
    }

    private function day(string $field, string $said): string
    {
        $said = trim((string) preg_replace(['/[ T]\d{1,2}:\d\d.*$/', '/,/', '/\s+/'], ['', ' ', ' '], $said));
        foreach ('en-US' === $this->language ? self::DAYS_US : self::DAYS as $format) {
            $day = \DateTimeImmutable::createFromFormat($format, $said, new \DateTimeZone('UTC'));
            $wrong = \DateTimeImmutable::getLastErrors();
            $isWhole = false === $wrong || 0 === $wrong['warning_count'] + $wrong['error_count'];
            // "26" in a place for four figures would be the year 26.
            if (false !== $day && $isWhole && (int) $day->format('Y') > 1900) {
                return $day->format('Y-m-d');
            }
        }

        throw InvalidInput::at($field, 'is no day: such as 2019-05-03 or 3 May 2019');
    }

    private static function weight(string $field, string $said): float
    {
        return 1 === preg_match('/^(\d{1,3}(?:[.,]\d+)?)\s*(?:kg|lbs?)?$/i', $said, $m)
            ? (float) str_replace(',', '.', $m[1])
            : throw InvalidInput::at($field, 'must be a weight, such as 12.5');
    }

    private static function coat(string $said): string
    {
        $plain = str_replace([' ', '-'], '_', mb_strtolower($said));
        $known = CoatType::tryFrom($plain);
        if (null !== $known) {
            return $known->value;
        }
        $suggests = (new BreedWords())->read("$said coat")['suggests'];

        return $suggests['coat'] ??
            throw InvalidInput::notOneOf(
                'coat',
                mb_substr($said, 0, 60),
                array_column(CoatType::cases(), 'value'),
                'coat',
            );
    }

    /** @param array<string, mixed> $form */
    private static function objects(array $form): \stdClass
    {
        $form['owner'] = (object) $form['owner'];

        return (object) $form;
    }
}
