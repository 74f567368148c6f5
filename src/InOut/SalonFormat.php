<?php

/** The open format of a whole salon: which tables it has, their columns and types. Published as a JSON Schema. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Mapping\ClassMetadata;
use KeenThistle\Salon\Salon;
use KeenThistle\Salon\SalonOwned;

final readonly class SalonFormat
{
    public const NAME = 'keen-thistle/salon';
    public const VERSION = 1;
    /** Nobody takes them along: what lets somebody in, and what opens something without a sign-in. */
    private const SECRET = ['password_hash', 'pin_hash', 'pin_failures', 'pin_refused_at', 'token', 'care_token',
        'human', ];
    private const LEFT_OUT = ['calendar_link'];
    private const TYPES = [
        'integer' => 'integer',
        'smallint' => 'integer',
        'bigint' => 'integer',
        'float' => 'number',
        'smallfloat' => 'number',
        'boolean' => 'boolean',
        'json' => 'json',
        'uuid' => 'id',
        'date_immutable' => 'day',
        'datetime_immutable' => 'instant',
    ];

    /** What a number is in, where its name does not say so; a sheet has it in its heading. */
    private const UNITS = [
        'salon.mat_limit' => 'percent',
        'arrival.mat_load' => 'percent',
        'booking.charge' => 'minor',
        'booking.deposit' => 'minor',
        'drawer_count.counted' => 'minor',
        'drawer_count.expected' => 'minor',
        'drawer_count.sales' => 'minor',
        'drawer_count.stays' => 'minor',
        'photo.height' => 'px',
        'photo.width' => 'px',
        'price_list.mat_rate' => 'minor_a_minute',
        'price_list.rate' => 'minor_a_minute',
        'sale.change_given' => 'minor',
        'sale.total' => 'minor',
        'staff.heavy_most' => 'dogs',
        'staff.strip_most' => 'dogs',
        'visit.arrival_load' => 'percent',
        'visit.estimate' => 'minutes',
        'wash_product.dwell' => 'minutes',
    ];

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /**
     * The salon first, then by name.
     *
     * @return array<string, array<string, string>> types of columns by table: id, integer, number, boolean, json,
     *                                              day, instant or text, with "?" where it may be empty
     */
    public function tables(): array
    {
        $out = [];
        foreach ($this->manager->getMetadataFactory()->getAllMetadata() as $meta) {
            $isOurs = Salon::class === $meta->getName() || is_subclass_of($meta->getName(), SalonOwned::class);
            if ($isOurs && !\in_array($meta->getTableName(), self::LEFT_OUT, true)) {
                $out[$meta->getTableName()] = self::columns($meta);
            }
        }
        ksort($out);

        return ['salon' => $out['salon'] ?? []] + $out;
    }

    /** Heading of a column in a sheet: its name, with its unit. */
    public static function heading(string $table, string $column): string
    {
        $unit = self::UNITS["$table.$column"] ?? '';

        return '' === $unit ? $column : "{$column}_$unit";
    }

    /** @return array<string, array<string, string>> the table that a column names a row of, by table and column */
    public function references(): array
    {
        $tables = $this->tables();
        $out = [];
        foreach ($this->manager->getMetadataFactory()->getAllMetadata() as $meta) {
            foreach ($meta->associationMappings as $association) {
                if ($association->isToOneOwningSide()) {
                    $to = $this->manager->getClassMetadata($association->targetEntity)->getTableName();
                    foreach ($association->joinColumns as $join) {
                        if (isset($tables[$meta->getTableName()][$join->name])) {
                            $out[$meta->getTableName()][$join->name] = $to;
                        }
                    }
                }
            }
        }

        return $out;
    }

    /**
     * @param ClassMetadata<object> $meta
     *
     * @return array<string, string>
     */
    private static function columns(ClassMetadata $meta): array
    {
        $out = [];
        foreach ($meta->fieldMappings as $field) {
            $type = self::TYPES[$field->type] ?? 'text';
            $out[$field->columnName] = $type.(true === $field->nullable ? '?' : '');
        }
        foreach ($meta->associationMappings as $association) {
            if ($association->isToOneOwningSide()) {
                foreach ($association->joinColumns as $join) {
                    $out[$join->name] = 'id'.(false === $join->nullable ? '' : '?');
                }
            }
        }
        ksort($out);

        return array_diff_key($out, array_flip(self::SECRET));
    }

    /** @return array<string, mixed> draft 2020-12 */
    public function schema(): array
    {
        $tables = [];
        foreach ($this->tables() as $table => $columns) {
            $tables[$table] = [
                'type' => 'array',
                'items' => [
                    'type' => 'object',
                    'additionalProperties' => false,
                    'required' => array_keys($columns),
                    'properties' => array_map(self::shape(...), $columns),
                ],
            ];
        }

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'A whole salon, version '.self::VERSION,
            'type' => 'object',
            'additionalProperties' => false,
            'required' => ['format', 'version', 'made_at', 'tables'],
            'properties' => [
                'format' => ['const' => self::NAME],
                'version' => ['const' => self::VERSION],
                'made_at' => ['type' => 'string', 'format' => 'date-time'],
                'tables' => [
                    'type' => 'object',
                    'additionalProperties' => false,
                    'required' => array_keys($tables),
                    'properties' => $tables,
                ],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function shape(string $type): array
    {
        $plain = rtrim($type, '?');
        $of = match ($plain) {
            'integer', 'number', 'boolean' => ['type' => $plain],
            'id' => ['type' => 'string', 'format' => 'uuid'],
            'day' => ['type' => 'string', 'format' => 'date'],
            'instant' => ['type' => 'string', 'format' => 'date-time'],
            'json' => ['type' => ['object', 'array']],
            default => ['type' => 'string'],
        };
        if (str_ends_with($type, '?')) {
            $of['type'] = [...(array) $of['type'], 'null'];
        }

        return $of;
    }
}
