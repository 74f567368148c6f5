<?php

/** What the columns of a sheet are, as the person has said. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;
use KeenThistle\Input\Text;

final readonly class ColumnsForm
{
    /** Without these no dog can be taken in. */
    private const NEEDED = ['name', 'breed', 'owner', 'phone'];

    /** @param list<string> $columns */
    public function __construct(
        #[ListOf(new Text(0, 20), 2, Sheet::MOST_COLUMNS), Says('field by column; empty: left out')]
        public array $columns,
        #[Shaped([self::class, 'coats']), Says('coat where neither column nor breed tells it; empty: a fault')]
        public string $coat = '',
        #[Says('rows with faults are left out')] public bool $leave = false,
    ) {
    }

    public static function coats(): Shape
    {
        return Shape::choice(['', ...array_column(CoatType::cases(), 'value')], 'coat');
    }

    /**
     * @return list<string>
     *
     * @throws InvalidInput naming the column
     */
    public function of(Sheet $sheet): array
    {
        if (\count($this->columns) !== \count($sheet->header)) {
            throw InvalidInput::at('columns', 'must be as many as the sheet has: '.\count($sheet->header));
        }
        $taken = [];
        foreach ($this->columns as $n => $field) {
            if ('' === $field) {
                continue;
            }
            if (!isset(Columns::FIELDS[$field])) {
                throw InvalidInput::notOneOf("columns[$n]", $field, array_keys(Columns::FIELDS), 'field');
            }
            if (isset($taken[$field])) {
                $label = Columns::FIELDS[$field][0];
                throw InvalidInput::at("columns[$n]", "is said to be $label, as another one is");
            }
            $taken[$field] = true;
        }
        foreach (self::NEEDED as $field) {
            if (!isset($taken[$field])) {
                throw InvalidInput::at('columns', 'none is said to be '.Columns::FIELDS[$field][0]);
            }
        }

        return $this->columns;
    }
}
