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
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Core\Zone\Zone;

final readonly class FitRule
{
    /** Reasons that belong to this dog and outrank a pattern. */
    private const OWN = [
        'comfort' => 'is so for this dog\'s comfort or health',
        'cleared_by_vet' => 'was cleared by a vet',
        'forced_by_mat' => 'was forced by a mat and grows back',
        'repair' => 'repairs an earlier cut',
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
                $stay[$id] = 'This dog goes its own way here.';
            } elseif (null !== $own && !self::follows($own, $old[$id] ?? null)) {
                $stay[$id] = 'It was changed on this card since.';
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
            return $fit(Verdict::Same, 'The card has it so already.');
        }
        if (null !== $own && ($own->exception || isset(self::OWN[$own->reason ?? '']))) {
            return $fit(
                Verdict::Kept,
                ucfirst($zone->label).
                    ' '.
                    ($own->exception
                        ? 'is an exception patch: it grows back, it is no style'
                        : self::OWN[$own->reason ?? '']).
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
                \sprintf(
                    'From %s to %s mm. %s',
                    $carried?->rounded(),
                    $answer->finished?->rounded(),
                    $recovery->message,
                ),
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
            $this->coat->isDouble() => \sprintf(
                'A %s coat is not clipped by default: it can take many months and may come back different. '.
                    'Undercoat out and the outline tidied instead.',
                $this->coat->label(),
            ),
            Method::Strip === $own?->method
                || ($this->handStripped
                    && null === $own
                    && !$zone->tender
                    && \in_array($zone->group, self::PULLED, true)) => 'This wire coat is pulled by hand: '
                .'clipping softens and fades it.',
            CoatType::Corded === $this->coat => 'Cords are not clipped: what is cut takes years to cord again.',
            CoatType::Hairless === $this->coat => 'There is no hair here to clip.',
            CoatType::SlowFineLong === $this->coat
                && null !== $finished
                && 2 * $finished->mm() < ($this->coat->terminalMm() ?? 0.0) => 'A slip shows for months on this coat: '
                .'scissors, and the weeks agreed first.',
            default => null,
        };
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
            return $fit(Verdict::Fits, 'Fits as it is.');
        }
        $best =
            $this->kit->options($finished, Lay::With === $recipe->lay ? [Lay::With] : [Lay::With, $recipe->lay])[0] ??
            null;
        if (null === $best) {
            return $fit(
                Verdict::OtherTool,
                'Nothing in this kit makes it: it is done where the tool is.',
                null,
                'nothing in reach',
            );
        }
        $instead = \sprintf('%s, %s mm', $best->recipe->tool->words(), $best->finished->rounded());

        return $fit(
            Verdict::OtherTool,
            \sprintf(
                '%s is not in this kit; nearest is %s%s.',
                $recipe->tool->words(),
                $instead,
                $best->close ? '' : ', and that is not close',
            ),
            null,
            $instead,
        );
    }
}
