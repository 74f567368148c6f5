<?php

/** A van's day: its stops, their order with times and what is left, what breaks it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class RoundView
{
    private const VAN = 'array{id: string, version: int, name: string, person: string|null, staff: string|null, '.
        'base: string, starts: string, ends: string, rests: string, tank: float, battery: float, early: int, '.
        'late: int, '.
        'refills: list<array{at: string, water: bool, power: bool, minutes: int}>}|null';
    private const MAP = 'array{spots: list<array{id: string, name: string, x: int, y: int, '.
        "kind: 'base'|'village'|'farm'|'water'}>, ".
        'ways: list<array{id: string, name: string, from: string, to: string, bridge: bool, shut: bool}>, '.
        'river: list<array{x: int, y: int}>}';
    private const MISSING =
        'list<array{zones: list<string>, needs: string, instead: string|null, difference_mm: float|null}>';
    private const DOG = 'array{booking: string, version: int, dog: string, name: string, kind: string, told: string, '.
        "minutes: int, unknown: string, state: ''|'at_work'|'done', missing: ".self::MISSING.', tell: string}';
    private const STOP = 'list<array{id: string, home: string, spot: string, where: string, told: string, '.
        'from: string, to: string, minutes: int, litres: float, power_minutes: float, has_water: bool, '.
        "has_power: bool, state: ''|'at_work'|'done', why: string, says: string, dogs: list<".self::DOG.'>}>';
    private const CALL = 'list<array{stop: string, at: string, where: string, drives: int, path: list<string>, '.
        'arrives: string, begins: string, ends: string, late: int, litres_left: float, power_left: float}>';
    private const NOW = 'array{time: string, at: string, where: string, litres: float, power_minutes: float}|null';
    private const FIT = 'array{dog: string, name: string, kind: string, minutes: int, unknown: string, '.
        'begins: string, back: string, why: string, breaks: list<string>}|null';

    /**
     * @param array<string, mixed>|null $van
     * @param list<array{id: string, name: string}> $vans
     * @param array<string, mixed> $map
     * @param list<array<string, mixed>> $shut
     * @param array<string, mixed>|null $now
     * @param list<array<string, mixed>> $stops
     * @param list<array<string, mixed>> $calls
     * @param list<string> $path
     * @param array<string, mixed>|null $fit
     * @param list<array<string, mixed>> $cautions
     */
    public function __construct(
        public string $day,
        public string $today,
        #[Gives(self::VAN), Says('null: the salon has none')] public ?array $van,
        public array $vans,
        #[Gives(self::MAP)] public array $map,
        #[Gives('list<array{id: string, way: string, name: string, from: string, to: string}>')] public array $shut,
        #[Gives(self::NOW), Says('where it is with what is left, once the day goes on')] public ?array $now,
        #[Gives(self::STOP), Says('by the time told; why: it breaks the round; says: what its owner would read')]
        public array $stops,
        #[Gives(self::CALL), Says('in their order; stop empty: a refill')] public array $calls,
        #[Says('places of the way home')] public array $path,
        #[Says('HH:MM; empty: no order holds')] public string $back,
        public int $late,
        public int $overtime,
        public int $driven,
        public int $cost,
        #[Says('of the best order, where another one was asked for')] public ?int $best,
        #[Gives(self::FIT)] public ?array $fit,
        #[Gives('list<CautionView>')] public array $cautions,
    ) {
    }
}
