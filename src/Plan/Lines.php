<?php

/** Reads a plan's line with the salon's own guards, and says what it would change. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Shorthand\Fault;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Shorthand\Parsed;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Core\Shorthand\ZoneNames;
use KeenThistle\Kit\KitReader;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;

final readonly class Lines
{
    public function __construct(private KitReader $kit)
    {
    }

    public function read(Actor $actor, string $line): Parsed
    {
        $guards = [];
        foreach ($this->kit->rows($actor) as $row) {
            if ('guard' === $row['kind'] && null !== $row['nominal_um']) {
                $guards[] = $row['nominal_um'] / 1000;
            }
        }

        return Notation::parse($line, $guards);
    }

    /** @throws InvalidInput for a line with a fault, or with spoken words that nobody has confirmed */
    public function accepted(Actor $actor, LineForm $form): Parsed
    {
        $read = $this->read($actor, $form->line);
        if ([] !== $read->faults) {
            throw InvalidInput::at(
                'line',
                implode('; ', array_map(static fn (Fault $f): string => $f->message(), $read->faults)),
            );
        }
        if ([] !== $read->spoken && !$form->confirmed) {
            $said = array_map(static fn (array $s): string => "\"{$s['said']}\" as {$s['means']}", $read->spoken);
            throw InvalidInput::at('line', 'was heard, not written: confirm '.implode(', ', $said));
        }

        return $read;
    }

    /**
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $rows
     *
     * @return array<string, ZoneRecipe> in the order of the body
     */
    public static function recipes(array $rows): array
    {
        $plan = [];
        foreach (array_keys(ZoneNames::order()) as $zone) {
            if (isset($rows[$zone]) && null !== $rows[$zone]['recipe']->method) {
                $plan[$zone] = $rows[$zone]['recipe'];
            }
        }

        return $plan;
    }

    /**
     * @param array<string, ZoneRecipe> $plan
     * @param array<string, Way> $line
     *
     * @return array{list<string>, list<string>} zones that are otherwise, zones that are left out
     */
    public static function differences(array $plan, array $line): array
    {
        $ways = PlanLine::ways($plan);
        $changed = array_keys(
            array_filter(
                $line,
                static fn (Way $w, string $zone): bool => ($ways[$zone] ?? null)?->key() !== $w->key(),
                \ARRAY_FILTER_USE_BOTH,
            ),
        );

        return [$changed, array_values(array_diff(array_keys($ways), array_keys($line)))];
    }
}
