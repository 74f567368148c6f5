<?php

/** Reads what today's list is made of, and asks the rule for it: card, findings, agreement, handling, what is done. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\Ways;
use KeenThistle\Core\Matting\ZoneDecision;
use KeenThistle\Core\Order\Schools;
use KeenThistle\Core\Today\Agreement as Agreed;
use KeenThistle\Core\Today\Facts;
use KeenThistle\Core\Today\Row;
use KeenThistle\Core\Today\Today;
use KeenThistle\Core\Today\TodayRule;
use KeenThistle\Core\Today\Wanted;
use KeenThistle\Kit\KitReader;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;

final readonly class TodayReader
{
    /** Where nobody weighed the dog yet: a middling one. */
    public const KG_UNKNOWN = 10.0;

    public function __construct(private ArrivalRows $rows, private KnownOfDogReader $known, private KitReader $kit)
    {
    }

    /**
     * @param array<string, ZoneRecipe>|null $card by zone; null: as the card has it now
     * @param array<string, ZoneRecipe> $last kept as last time, by zone
     * @param array<string, ZoneRecipe> $done done already, by zone
     * @param bool $clipReady bone dry and combed where guards are to go, as far as anybody has said
     */
    public function of(
        Actor $actor,
        Arrival $arrival,
        ?array $card = null,
        array $last = [],
        array $done = [],
        bool $clipReady = true,
    ): Today {
        $known = $this->known->of($actor, $arrival);
        $wanted = null === $card ? $known->card : self::wanted($card);
        $agreement = AgreedTerms::of($arrival, $this->rows->agreements($arrival), array_keys($wanted));

        return $this->reckon(
            $actor,
            self::facts(
                $known,
                $arrival,
                $wanted,
                $agreement,
                self::wanted($last),
                self::wanted($done),
                clipReady: $clipReady,
            ),
        );
    }

    /** As if this way had been signed: what a way that is offered would come to. */
    public function ifAgreed(Actor $actor, Arrival $arrival, Agreed $agreement, bool $saves): Today
    {
        $known = $this->known->of($actor, $arrival);

        return $this->reckon($actor, self::facts($known, $arrival, $known->card, $agreement, saves: $saves));
    }

    /**
     * What each of these comes to by itself, as a device without a signal looks it up.
     *
     * @param iterable<Mat> $mats
     *
     * @return iterable<array{ZoneDecision, Row|null}> in their order
     */
    public function alone(Actor $actor, Arrival $arrival, iterable $mats): iterable
    {
        $known = $this->known->of($actor, $arrival);
        $facts = self::facts($known, $arrival, $known->card, null, saves: false);
        $rule = new TodayRule($this->kit->lengths($actor));
        foreach ($mats as $mat) {
            yield $rule->alone($facts, $mat);
        }
    }

    /**
     * Without a salon at hand: the plan, what the comb and the check found, and the way that is open.
     *
     * @param array<string, ZoneRecipe> $plan by zone
     */
    public static function plain(Dog $dog, array $plan, ?Arrival $arrival): Today
    {
        $wanted = self::wanted($plan);

        return (new TodayRule())->of(
            new Facts(
                (null === $arrival ? $dog->kg : self::kg($arrival)) ?? self::KG_UNKNOWN,
                $dog->coat,
                $dog->handling,
                $wanted,
                null === $arrival ? [] : CombInput::mats($arrival->comb),
                null === $arrival ? [] : ArrivalFindings::of($arrival),
                null === $arrival ? null : AgreedTerms::of($arrival, [], array_keys($wanted)),
                handStripped: $dog->handStripped,
            ),
        );
    }

    private function reckon(Actor $actor, Facts $facts): Today
    {
        return (new TodayRule($this->kit->lengths($actor)))->of($facts);
    }

    /** As weighed today, else as on the card. */
    public static function kg(Arrival $arrival): ?float
    {
        $kg = $arrival->handsOn['kg'] ?? null;

        return \is_int($kg) || \is_float($kg) ? (float) $kg : $arrival->dog->kg;
    }

    /**
     * @param array<string, Wanted> $card
     * @param array<string, Wanted> $last
     * @param array<string, Wanted> $done
     * @param bool|null $saves whether mats are worked out whatever it takes; null: as it was chosen
     */
    private static function facts(
        KnownOfDog $known,
        Arrival $arrival,
        array $card,
        ?Agreed $agreement,
        array $last = [],
        array $done = [],
        ?bool $saves = null,
        bool $clipReady = true,
    ): Facts {
        $dog = $arrival->dog;
        $mats = CombInput::mats($arrival->comb);
        $saves ??= 'save_the_coat' === $arrival->choice;

        return new Facts(
            self::kg($arrival) ?? self::KG_UNKNOWN,
            $dog->coat,
            $dog->handling,
            $card,
            $saves ? (new Ways())->save($mats) : $mats,
            ArrivalFindings::of($arrival),
            $agreement,
            $known->refusals,
            [],
            $last,
            $done,
            $clipReady,
            $dog->handStripped,
            Schools::of($dog->schools, $dog->salon->schools)->is('mats', 'clip'),
            $arrival->staff->isExperienced(),
            $dog->salon->pricesOn($arrival->day)->matRate,
        );
    }

    /**
     * @param array<string, ZoneRecipe> $recipes by zone
     *
     * @return array<string, Wanted>
     */
    public static function wanted(array $recipes): array
    {
        $out = [];
        foreach ($recipes as $zone => $recipe) {
            if (null !== $recipe->method) {
                $out[$zone] = new Wanted(
                    $recipe->forRules(),
                    $recipe->reason ?? '',
                    $recipe->carry ?? 'repeat',
                    $recipe->exception ?? false,
                );
            }
        }

        return $out;
    }
}
