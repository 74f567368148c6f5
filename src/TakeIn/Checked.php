<?php

/** A whole sheet, read with what its columns are said to be: what is ready, what is known, what is wrong where. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final class Checked
{
    /** Faults that are told; more of them are counted. */
    private const TOLD = 200;

    /** @var list<array{int, array<string, mixed>}> */
    public array $ready = [];
    public int $rows = 0;
    public int $known = 0;
    public int $faulty = 0;
    /** @var list<array{row: int, field: string, column: string, message: string}> */
    public array $faults = [];

    private function __construct()
    {
    }

    /** @throws InvalidInput for columns that cannot make a dog */
    public static function of(Sheet $sheet, ColumnsForm $form, Actor $actor, Scope $scope): self
    {
        $columns = $form->of($sheet);
        $reader = new RowReader($columns, $form->coat, $actor->language);
        $known = new Known($actor, $scope);
        $checked = new self();
        $seen = [];
        $id = array_search('id', $columns, true);
        foreach ($sheet->below() as $n => $cells) {
            if (++$checked->rows > Sheet::MOST_ROWS) {
                throw InvalidInput::at('file', 'has more than '.Sheet::MOST_ROWS.' rows: send it in parts');
            }
            try {
                if ($sheet->isHeaderAgain($cells)) {
                    throw InvalidInput::at('', 'is the heading once more');
                }
                if (false !== $id && '' !== ($cells[$id] ?? '')) {
                    if (!$known->hasId($cells[$id])) {
                        throw InvalidInput::at('id', 'is no dog of this salon');
                    }
                    ++$checked->known;
                    continue;
                }
                $dog = $reader->read($cells);
                $owner = \is_array($dog['owner']) ? $dog['owner'] : [];
                $name = self::text($dog['name'] ?? '');
                [$of, $phone] = [self::text($owner['name'] ?? ''), self::text($owner['phone'] ?? '')];
                if ($known->has($name, $of, $phone)) {
                    ++$checked->known;
                    continue;
                }
                $key = Known::key($name, $of, $phone);
                if (isset($seen[$key])) {
                    throw InvalidInput::at('name', "stands in row $seen[$key] already, of the same owner");
                }
                $seen[$key] = $n;
                $checked->ready[] = [$n, $dog];
            } catch (InvalidInput $e) {
                ++$checked->faulty;
                $checked->tell($n, $e, $columns, $sheet->header);
            }
        }

        return $checked;
    }

    /**
     * @param list<string> $columns
     * @param list<string> $header
     */
    private function tell(int $row, InvalidInput $wrong, array $columns, array $header): void
    {
        foreach ($wrong->all() as $fault) {
            if (\count($this->faults) >= self::TOLD) {
                return;
            }
            $field = RowReader::fieldOf($fault['field']);
            $at = array_search($field, $columns, true);
            $this->faults[] = [
                'row' => $row,
                'field' => $field,
                'column' => false === $at ? Columns::FIELDS[$field][0] ?? '' : $header[$at],
                'message' => $fault['message'],
            ];
        }
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
