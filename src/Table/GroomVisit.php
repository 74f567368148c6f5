<?php

/** The visit that a finished groom was: what its taps, its arrival and its end say together. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Arrival\ArrivalFindings;
use KeenThistle\Core\Check\HygieneSeen;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Interval\Seen;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\ZoneMark;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Today\Row;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\ZoneRecipe;

final class GroomVisit
{
    /** step => the clocks it sets back */
    private const CLOCKS = [
        'bath' => ['bath'],
        'comb_out' => ['mat'],
        'rake' => ['undercoat'],
        'undercoat' => ['undercoat'],
        'nails' => ['nails', 'dewclaws'],
    ];

    /** Why nobody did what stood on the list, by what it waited for. */
    private const UNREACHED = [
        Waiting::OWNER => 'no word from the owner',
        Waiting::REFUSED => 'the owner said no',
        Waiting::DRY => 'not dry enough for it',
        '' => 'not reached',
    ];

    private function __construct()
    {
    }

    public static function form(Groom $groom, Board $board, CloseForm $form, \DateTimeImmutable $now): VisitForm
    {
        $arrival = $groom->arrival;
        $tender = 0;
        foreach ($arrival->comb['zones'] as $z) {
            $tender = Zone::of($z['zone'])->tender ? max($tender, $z['severity']) : $tender;
        }
        $upkeep = $arrival->handsOn['upkeep'] ?? null;
        $kg = $arrival->handsOn['kg'] ?? null;
        $notes = [$form->note, ...array_map(static fn (array $n): string => $n['text'], $board->notes)];
        $atWork = (int) round($board->minutesAtWork($groom->openedAt, $now));

        return new VisitForm(
            day: $arrival->day,
            zones: [],
            kind: self::kind($groom, $form)->value,
            place: (string) $groom->place->id,
            minutes: $form->minutes ?? max(1, min(1440, $atWork)),
            arrival_load: 1 === $arrival->combVersion ? null : $arrival->load,
            tender_severity: $tender,
            upkeep: $form->upkeep ?? (\is_string($upkeep) ? Upkeep::from($upkeep) : $groom->dog->upkeep),
            kg: \is_int($kg) || \is_float($kg) ? (float) $kg : null,
            note: mb_substr(
                trim(implode(' · ', array_filter($notes, static fn (string $n): bool => '' !== trim($n)))),
                0,
                1000,
            ),
        );
    }

    /** What it was in the end; what the dog came for where nobody says otherwise. */
    public static function kind(Groom $groom, CloseForm $form): Service
    {
        return Service::tryFrom($form->kind ?? '') ?? $groom->arrival->kind;
    }

    /** @return list<string> clocks whose work stood in the order of this groom, and was not done */
    public static function leftOut(Groom $groom, Board $board): array
    {
        $done = [];
        foreach ($groom->steps as $s) {
            $state = $board->stepState($s['key'], $s['zones']);
            foreach (self::CLOCKS[$s['step']] ?? [] as $clock) {
                $done[$clock] = ($done[$clock] ?? false) || 'done' === $state;
            }
        }

        return array_keys(array_filter($done, static fn (bool $was): bool => !$was));
    }

    /** @return array<string, string> clock => what the arrival saw of it */
    public static function seen(Groom $groom): array
    {
        return array_map(
            static fn (Seen $s): string => $s->value,
            HygieneSeen::of(ArrivalFindings::checked($groom->arrival)),
        );
    }

    /** @return list<RecordedZone> planned or worked; what nobody reached is deferred */
    public static function zones(Groom $groom, Board $board, Service $kind): array
    {
        $handsOn = $groom->arrival->handsOn;
        $lengths = \is_array($handsOn['lengths'] ?? null) ? $handsOn['lengths'] : [];
        $asked = array_merge(
            ...array_column(array_filter($groom->steps, static fn (array $s): bool => 'bath' !== $s['step']), 'zones'),
        );
        $waiting = Waiting::zones($groom);
        $zones = [];
        foreach (array_unique([...array_keys($groom->plan), ...array_keys($board->zones)]) as $zone) {
            $zone = (string) $zone;
            $mark = $board->zones[$zone] ?? null;
            if (!isset($groom->plan[$zone]) && null === $mark?->actual) {
                continue;
            }
            // A small visit is not about the rest of the dog.
            if (null === $mark && Service::Full !== $kind && !\in_array($zone, $asked, true)) {
                continue;
            }
            $state = null === $mark || 'planned' === $mark->state ? 'deferred' : $mark->state;
            $why = trim($mark->why ?? '');
            $mm = $lengths[$zone] ?? null;
            $zones[] = new RecordedZone(
                zone: Zone::of($zone),
                state: $state,
                actual: null === $mark ? null : self::actual($groom, $zone, $mark),
                why: 'deferred' === $state && '' === $why ? self::UNREACHED[$waiting[$zone] ?? ''] : $why,
                arrival: is_numeric($mm) && $mm > 0 ? Length::ofMillimetres((float) $mm) : null,
                ownerCut: true === ($handsOn['owner_cut'] ?? false),
            );
        }

        return [
            ...$zones,
            ...self::leftAlone($groom, array_map(static fn (RecordedZone $z): string => $z->zone->id, $zones)),
        ];
    }

    /**
     * Zones that today's list put off or left alone, with its reason.
     *
     * @param list<string> $recorded
     *
     * @return list<RecordedZone>
     */
    private static function leftAlone(Groom $groom, array $recorded): array
    {
        $view = $groom->today['view'] ?? null;
        $rows = \is_array($view) && \is_array($view['zones'] ?? null) ? $view['zones'] : [];
        $out = [];
        foreach ($rows as $row) {
            if (
                \is_array($row)
                && \is_string($row['zone'] ?? null)
                && \in_array($row['state'] ?? '', [Row::DEFERRED, Row::NOT_TOUCHED], true)
                && !\in_array($row['zone'], $recorded, true)
            ) {
                $out[] = new RecordedZone(
                    zone: Zone::of($row['zone']),
                    state: 'deferred',
                    actual: null,
                    why: mb_substr(\is_string($row['why'] ?? null) ? $row['why'] : 'put off', 0, 200),
                    arrival: null,
                    ownerCut: false,
                );
            }
        }

        return $out;
    }

    /**
     * The card as it was when the groom began: what was planned before anything was found.
     *
     * @return array<string, ZoneRecipe>|null null for one opened before today's lists were kept
     */
    public static function card(Groom $groom): ?array
    {
        $card = $groom->today['card'] ?? null;
        if (!\is_array($card)) {
            return null;
        }
        $out = [];
        foreach ($card as $zone => $fields) {
            if (\is_array($fields)) {
                $recipe = [];
                foreach ($fields as $name => $value) {
                    $recipe[(string) $name] = $value;
                }
                $out[(string) $zone] = RecipeCodec::fromArray($recipe);
            }
        }

        return $out;
    }

    /** What was really used, with the carry that was tapped; null: as planned. */
    private static function actual(Groom $groom, string $zone, ZoneMark $mark): ?ZoneRecipe
    {
        // What today's list made of a zone is what was done, also where the card says otherwise.
        $today = $groom->plan[$zone] ?? null;
        $card = \is_array($groom->today['card'] ?? null) ? $groom->today['card'] : [];
        $differs = null !== $today && $today !== ($card[$zone] ?? (isset($groom->today['card']) ? null : $today));
        $kept = $mark->actual ?? ('' === $mark->carry && !$differs ? null : $today);
        $recipe = null === $kept ? null : RecipeCodec::fromArray($kept);
        if (null === $recipe?->method) {
            return null;
        }
        $recipe->carry = '' === $mark->carry ? $recipe->carry ?? 'repeat' : $mark->carry;
        $recipe->exception ??= false;

        return $recipe;
    }
}
