<?php

/** Use case: a dog comes to the table. Its plan and steps are fixed then, with what is kept from last time. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Arrival\ArrivalAnswers;
use KeenThistle\Arrival\OptionView;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Order\WorkList;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Http\Problem;
use KeenThistle\Kit\KitReader;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Recipe\RecipeArray;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** @phpstan-import-type StepRow from Groom */
final readonly class OpenGroom
{
    public function __construct(
        private GroomRows $rows,
        private Plans $plans,
        private RepeatReader $repeat,
        private WorkOrder $order,
        private ArrivalAnswers $reckoning,
        private KitReader $kit,
        private Scope $scope,
        private ChangeRecorder $log,
        private ClockInterface $clock,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'place' => Shape::text(0, 36)->nullable()->describe('where; the person\'s own place by default'),
            'keep' => Shape::list(Zone::shape(), 0, 100)
                ->default([])
                ->describe('zones that are done as they were last time, not as the card has them'),
        ]);
    }

    /** Goes on with what is open; a dog is at one table only. */
    public function __invoke(Actor $actor, EntityManagerInterface $manager, Arrival $arrival, Fields $in): Groom
    {
        $dog = $arrival->dog;
        if ('active' !== $dog->state) {
            throw Problem::conflict("$dog->name is no longer coming: change its state first.");
        }
        $open = $this->rows->open($dog, $manager);
        if (null !== $open) {
            return $open;
        }
        $who = $this->scope->person($actor);
        $groom = new Groom(Uuid::v7(), $arrival, $this->place($actor, $manager, $in, $who), $who, $this->clock->now());
        $plan = $this->plan($actor, $groom, $in->texts('keep'));
        $groom->plan = array_map(RecipeArray::of(...), $plan);
        try {
            $list = $this->order->of($dog, $plan, $arrival);
        } catch (InvalidInput $e) {
            // The work goes on in the order that is always allowed; what forbids is named, not dropped.
            $groom->notices[] =
                'The salon\'s schools cannot all be kept for this dog: '.
                $e->getMessage().
                ' It is worked in the order that holds always.';
            $list = $this->order->of($dog, $plan, $arrival, false);
        }
        foreach ($list->moved as $moved) {
            $groom->notices[] = ucfirst($moved['why']).'.';
        }
        $groom->notices = array_values(
            array_unique([...$groom->notices, ...$this->unreachable($actor, $groom, $plan)]),
        );
        $groom->steps = self::steps($list);
        $groom->estimate = $this->estimate($actor, $arrival);
        $manager->persist($groom);
        $this->log->record(
            $actor,
            $manager,
            $dog,
            'groom',
            (string) $groom->id,
            'came to the table at '.$groom->place->name,
        );

        return $groom;
    }

    /**
     * @param list<string> $keep
     *
     * @return array<string, ZoneRecipe>
     */
    private function plan(Actor $actor, Groom $groom, array $keep): array
    {
        $plan = [];
        foreach ($this->plans->of($actor, $groom->dog)[1] as $zone => $p) {
            if (null !== $p['recipe']->method) {
                $plan[$zone] = $p['recipe'];
            }
        }
        $rows = array_column($this->repeat->rows($actor, $groom->dog), null, 'zone');
        foreach ($keep as $i => $zone) {
            $row =
                $rows[$zone] ?? throw InvalidInput::at("keep[$i]", Zone::of($zone)->label.' was not done last time');
            if (null !== $row['refused']) {
                throw InvalidInput::at("keep[$i]", Zone::of($zone)->label.': '.$row['refused']);
            }
            $plan[$zone] = $row['last'];
        }

        return $plan;
    }

    /**
     * @param array<string, ZoneRecipe> $plan
     *
     * @return list<string>
     */
    private function unreachable(Actor $actor, Groom $groom, array $plan): array
    {
        $kit = $this->kit->match($actor, (string) $groom->place->id);
        $missing = [];
        foreach ($plan as $recipe) {
            if (!$kit->canMake($recipe->forRules())) {
                $missing[$recipe->forRules()->tool->words()] = true;
            }
        }

        return [] === $missing
            ? []
            : [
                \sprintf(
                    'Not at %s: %s. The nearest is shown at each zone, with the difference.',
                    $groom->place->name,
                    implode(', ', array_keys($missing)),
                ),
            ];
    }

    private function place(Actor $actor, EntityManagerInterface $manager, Fields $in, Staff $who): Place
    {
        $id = $in->textOrNull('place') ?? '';

        return '' !== $id
            ? $this->scope->get($actor, Place::class, $id, $manager, 'place')
            : $who->place ??
                    ($manager->getRepository(Place::class)->findOneBy([], ['position' => 'ASC']) ??
                        throw InvalidInput::missing('place', 'where the dog stands'));
    }

    /** @return list<StepRow> */
    public static function steps(WorkList $list): array
    {
        $out = [];
        foreach ($list->items as $item) {
            $key = $item->step->value.(null === $item->tool || [] === $item->zones ? '' : ':'.$item->tool);
            $minutes = null === $item->minutes ? null : round($item->minutes, 1);
            $out[] = [
                'key' => $key,
                'step' => $item->step->value,
                'title' => $item->step->title(),
                'tool' => $item->tool,
                'zones' => $item->zones,
                'minutes' => $minutes,
                'cautions' => $item->cautions,
                'done_when' => $item->step->doneWhen(),
            ];
        }

        return $out;
    }

    /**
     * @return array{likely: float, phases: array<string, float>, price_minor: int|null,
     *     price_terms: list<array{label: string, minor: int}>}
     */
    private function estimate(Actor $actor, Arrival $arrival): array
    {
        $comb = $this->reckoning->comb($actor, $arrival);
        $chosen =
            array_values(
                array_filter($comb->options, static fn (OptionView $o): bool => $o->choice === $comb->choice),
            )[0] ?? $comb->options[0];

        return [
            'likely' => $chosen->minutes_50,
            'phases' => array_column($chosen->phases, 'minutes', 'phase'),
            'price_minor' => $chosen->price_minor,
            'price_terms' => $chosen->price_terms,
        ];
    }
}
