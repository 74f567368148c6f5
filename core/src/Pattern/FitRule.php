<?php

/**
 * Lays a house pattern on a dog: what fits, what this kit makes otherwise, what is the dog's own, and what its coat
 * forbids.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Pattern;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Growth\Growth;
use KeenThistle\Core\Growth\Recovery;
use KeenThistle\Core\Growth\RecoveryRule;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Core\Zone\Zone;

final readonly class FitRule
{
    /** Reasons that belong to this dog and outrank a pattern. */
    private const OWN = [
        'comfort' => 'pattern.own.comfort',
        'cleared_by_vet' => 'pattern.own.cleared_by_vet',
        'forced_by_mat' => 'pattern.own.forced_by_mat',
        'repair' => 'pattern.own.repair',
    ];
    /** Where hair is clipped on every coat: hygiene is no outline. */
    private const HYGIENE = ['sanitary', 'feet'];

    /** Where a wire coat is pulled; head and throat are scissored or clipped on most. */
    private const PULLED = ['body', 'rear', 'tail'];

    /**
     * @param LengthRule $lengths what recipes mean in this salon
     * @param KitMatch|null $kit the tools in reach; null: nobody asked
     */
    public function __construct(
        private CoatType $coat,
        private CoatStage $stage,
        private bool $handStripped,
        private Growth $growth,
        private LengthRule $lengths,
        private ?KitMatch $kit = null,
    ) {
    }

    /**
     * What of a dog's plan is style and may go into a pattern: not its exceptions, not what is for its comfort, not
     * its motor or notes.
     *
     * @param array<string, Way> $plan by zone
     *
     * @return array<string, Way>
     */
    public static function style(array $plan): array
    {
        $style = array_filter(
            $plan,
            static fn (Way $w): bool => !$w->exception && !$w->once && !isset(self::OWN[$w->reason ?? '']),
        );

        return array_map(
            static fn (Way $w): Way => new Way(
                $w->method,
                $w->blade,
                $w->guard,
                $w->base,
                $w->called,
                $w->lay,
                $w->about,
                $w->stop,
                $w->shape,
                $w->reason,
            ),
            $style,
        );
    }

    /**
     * What a changed pattern does to a card that follows it: only zones that still are as the pattern had them are
     * touched.
     *
     * @param array<string, Way> $old the pattern as the card took it
     * @param array<string, Way> $new
     * @param array<string, Way> $plan the card
     * @param list<string> $ownZones in which the dog goes its own way
     * @param array<string, Length> $carried
     *
     * @return array{take: array<string, Fit>, out: list<string>, stay: array<string, string>} what changes, what is
     *     taken out, what stays and why
     */
    public function spread(array $old, array $new, array $plan, array $ownZones, array $carried): array
    {
        $take = $out = $stay = [];
        foreach ($new as $id => $way) {
            if (isset($old[$id]) && $old[$id]->key() === $way->key()) {
                continue;
            }
            $own = $plan[$id] ?? null;
            $fit = $this->zone(Zone::of($id), $way, $own, $carried[$id] ?? null);
            if (Verdict::Same === $fit->verdict) {
                continue;
            }
            if (\in_array($id, $ownZones, true)) {
                $stay[$id] = Say::it('pattern.this_dog_goes_its_own_way');
            } elseif (null !== $own && !self::follows($own, $old[$id] ?? null)) {
                $stay[$id] = Say::it('pattern.it_was_changed_on_this_card');
            } elseif ($fit->verdict->isTaken()) {
                $take[$id] = $fit;
            } else {
                $stay[$id] = $fit->why;
            }
        }
        foreach (array_diff_key($old, $new) as $id => $way) {
            if (isset($plan[$id]) && !\in_array($id, $ownZones, true) && self::follows($plan[$id], $way)) {
                $out[] = $id;
            }
        }

        return ['take' => $take, 'out' => $out, 'stay' => $stay];
    }

    /** Whether a zone of a card is as the pattern had it, its motor and note apart. */
    private static function follows(Way $own, ?Way $pattern): bool
    {
        return null !== $pattern
            && (new Way(
                $own->method,
                $own->blade,
                $own->guard,
                $own->base,
                $own->called,
                $own->lay,
                $own->about,
                $own->stop,
                $own->shape,
                $own->reason,
                $own->once,
                $own->exception,
                $pattern->clipper,
                $pattern->note,
            ))->key() === $pattern->key();
    }

    /**
     * @param Way|null $own how the card has this zone now
     * @param Length|null $carried what grows there today; null: nobody knows
     */
    public function zone(Zone $zone, Way $pattern, ?Way $own, ?Length $carried): Fit
    {
        // A motor this dog accepts and what somebody noted stay with the dog, whatever the pattern says.
        $way = new Way(
            $pattern->method,
            $pattern->blade,
            $pattern->guard,
            $pattern->base,
            $pattern->called,
            $pattern->lay,
            $pattern->about,
            $pattern->stop,
            $pattern->shape,
            $pattern->reason,
            $pattern->once,
            $pattern->exception,
            $own->clipper ?? $pattern->clipper,
            $own->note ?? $pattern->note,
        );
        $answer = $this->lengths->planned($way->recipe(), $zone);
        $was = null === $own ? null : $this->lengths->planned($own->recipe())->finished;
        $fit = static fn (Verdict $v, string $why, ?Recovery $recovery = null, ?string $instead = null): Fit => new Fit(
            $v,
            $way,
            $answer->finished,
            $was,
            $why,
            $instead,
            [...$recovery->cautions ?? [], ...$answer->warnings],
        );
        if (null !== $own && $own->key() === $way->key()) {
            return $fit(Verdict::Same, Say::it('pattern.the_card_has_it_so_already'));
        }
        if (null !== $own && ($own->exception || isset(self::OWN[$own->reason ?? '']))) {
            return $fit(
                Verdict::Kept,
                ucfirst($zone->label).
                    ' '.
                    ($own->exception
                        ? Say::it('pattern.is_an_exception_patch_it_grows')
                        : Say::it(self::OWN[$own->reason ?? ''])).
                    '.',
            );
        }
        $forbidden = $this->forbidden($zone, $way, $own, $answer->finished);
        $recovery =
            null === $answer->finished
            || null === $carried
            || Method::Leave === $way->method
            || !$answer->finished->shorterThan($carried)
            || \in_array($zone->group, self::HYGIENE, true)
                ? null
                : (new RecoveryRule())->weeksBack($this->growth, $answer->finished, $carried, $this->stage);
        if (null !== $forbidden) {
            return $fit(Verdict::MustNot, $forbidden, $recovery);
        }
        if (Recovery::AGREE_FIRST === $recovery?->level) {
            return $fit(
                Verdict::AgreeFirst,
                Say::it('pattern.from_to_mm', $carried?->rounded(), $answer->finished?->rounded(), $recovery->message),
                $recovery,
            );
        }

        return $this->reach($way, $answer->finished, $fit);
    }

    /** Why this coat must not be clipped here; null: it may. */
    private function forbidden(Zone $zone, Way $way, ?Way $own, ?Length $finished): ?string
    {
        if (!$way->method->hasToolLength() || \in_array($zone->group, self::HYGIENE, true)) {
            return null;
        }

        return match (true) {
            $this->coat->isDouble() => Say::it('pattern.a_coat_is_not_clipped_by', $this->coat->label()),
            $this->isPulled($zone, $own) => Say::it('pattern.this_wire_coat_is_pulled_by'),
            CoatType::Corded === $this->coat => Say::it('pattern.cords_are_not_clipped_what_is'),
            CoatType::Hairless === $this->coat => Say::it('pattern.there_is_no_hair_here_to'),
            CoatType::SlowFineLong === $this->coat
                && null !== $finished
                && 2 * $finished->mm() < ($this->coat->terminalMm() ?? 0.0) => Say::it(
                    'pattern.a_slip_shows_for_months_on',
                ),
            default => null,
        };
    }

    private function isPulled(Zone $zone, ?Way $own): bool
    {
        return null === $own
            ? $this->handStripped && !$zone->tender && \in_array($zone->group, self::PULLED, true)
            : Method::Strip === $own->method;
    }

    /** @param callable(Verdict, string, Recovery|null=, string|null=): Fit $fit */
    private function reach(Way $way, ?Length $finished, callable $fit): Fit
    {
        $recipe = $way->recipe();
        if (
            null === $this->kit
            || null === $finished
            || !$way->method->hasToolLength()
            || $this->kit->canMake($recipe)
        ) {
            return $fit(Verdict::Fits, Say::it('pattern.fits_as_it_is'));
        }
        $best =
            $this->kit->options($finished, Lay::With === $recipe->lay ? [Lay::With] : [Lay::With, $recipe->lay])[0] ??
            null;
        if (null === $best) {
            return $fit(
                Verdict::OtherTool,
                Say::it('pattern.nothing_in_this_kit_makes_it'),
                null,
                Say::it('pattern.nothing_in_reach'),
            );
        }
        $instead = Say::it('pattern.mm', $best->recipe->tool->words(), $best->finished->rounded());

        return $fit(
            Verdict::OtherTool,
            Say::it(
                'pattern.is_not_in_this_kit_nearest',
                $recipe->tool->words(),
                $instead,
                $best->close ? '' : Say::it('pattern.and_that_is_not_close'),
            ),
            null,
            $instead,
        );
    }
}
