<?php

/** Reads taps as a device sends them; each is checked on its own, so that a bad one does not hold up the rest. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Care\FirstAid;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Core\Table\TimerKind;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Recipe\RecipeCodec;

final class TapInput
{
    public const MOST = 500;

    /** What a tap of each kind must say, and what it may. */
    private const NEEDS = [
        'zone' => [['zones', 'state'], ['why', 'actual', 'carry']],
        'step' => [['step', 'state'], ['why']],
        'timer' => [['timer', 'on'], ['minutes', 'blade']],
        'felt' => [['blade'], []],
        'reading' => [['blade', 'celsius'], []],
        'welfare' => [['ok'], ['note']],
        'claw' => [['foot', 'claw', 'state'], []],
        'pads' => [['foot', 'bare'], []],
        'ear' => [['side', 'place', 'state'], []],
        'eye' => [['side', 'state'], []],
        'extents' => [['ring', 'channel', 'arc'], []],
        'incident' => [['what'], ['zone', 'tool', 'action', 'told', 'follow_up', 'follow_up_on']],
        'told' => [['incident'], ['follow_up']],
        'pause' => [[], ['why']],
        'resume' => [[], []],
        'phase' => [['state'], []],
        'hand_over' => [['to'], ['side', 'next', 'note']],
        'note' => [['text'], []],
        'look' => [['look', 'ok'], []],
        // Bone dry where guards are to go; seen to tire: today's list is made anew.
        'ready' => [['ok'], []],
        'tires' => [['ok'], []],
        // Who is right about a held tap: its maker (ok), or who stands there.
        'choose' => [['held', 'zone', 'ok'], []],
    ];
    private const STATES = [
        'zone' => Tap::ZONE_STATES,
        'step' => Tap::STEP_STATES,
        'claw' => Tap::CLAW_STATES,
        'ear' => Tap::EAR_STATES,
        'eye' => Tap::EYE_STATES,
        'phase' => Tap::PHASES,
    ];

    private function __construct()
    {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'sent_at' => Shape::text(20, 40)
                ->required()
                ->describe('the device\'s own clock as it sends: times of taps are corrected by what it is off'),
            'device' => Shape::line(4, 64)->required()->describe('a name the device keeps'),
            'taps' => Shape::list(self::tap(), 1, self::MOST)->required()->describe('oldest first'),
        ]);
    }

    /** @throws InvalidInput naming the place in the batch */
    public static function read(mixed $given, string $path): Fields
    {
        $in = self::tap()->fields($given, $path);
        if (1 !== preg_match(Tap::ID, $in->text('id'))) {
            throw InvalidInput::at($in->pathOf('id'), 'must be 8 to 64 letters, digits, - or _');
        }

        return $in;
    }

    public static function tap(): Shape
    {
        return Shape::object([
            'id' => Shape::line(8, 64)->required()->describe('made by the device; counted once'),
            'at' => Shape::text(20, 40)->required()->describe('by the device\'s clock, ISO 8601'),
            'by' => Shape::text(0, 36)
                ->nullable()
                ->describe('id of the person who made it; null: who is signed in. Counted only for its maker'),
            'kind' => Shape::choice(Tap::KINDS, 'kind of tap')->required(),
            'saw' => Shape::integer(0, 10_000_000)
                ->default(0)
                ->describe('the newest tap of the groom that the device had seen'),
            'zones' => Shape::list(Zone::shape(), 1, 80)->nullable(),
            'state' => Shape::line(0, 16)->nullable(),
            'actual' => RecipeCodec::shape()->nullable()->describe('what was really used; null: as planned'),
            'why' => Shape::text(0, 200)->nullable(),
            'carry' => Shape::choice(['', 'repeat', 'do_not_repeat'], 'carry')->nullable(),
            'step' => Shape::line(0, 120)->nullable(),
            'timer' => Shape::enum(TimerKind::class, 'timer')->nullable(),
            'on' => Shape::boolean()->nullable(),
            'minutes' => Shape::number(0, 240, 'minutes', true)->nullable(),
            'blade' => Shape::choice(BladeTable::labels(), 'blade')->nullable(),
            'celsius' => Shape::number(-20, 200, '°C')->nullable(),
            'ok' => Shape::boolean()->nullable(),
            'foot' => Shape::choice(ZoneTable::FEET, 'foot')->nullable(),
            'claw' => Shape::integer(1, 6)->nullable()->describe('from outside in'),
            'bare' => Shape::integer(0, 5)->nullable()->describe('bare pads of five'),
            'side' => Shape::choice(['left', 'right', 'both'], 'side')->nullable(),
            'place' => Shape::choice(['inside', 'outside'], 'place')->nullable(),
            'ring' => Shape::number(0, 60, 'mm around the ring')->nullable(),
            'channel' => Shape::number(0, 300, 'mm down between the thighs')->nullable(),
            'arc' => Shape::number(0, 150, 'mm at the root of the tail')->nullable(),
            'what' => Shape::choice(FirstAid::ids(), 'incident')->nullable(),
            'zone' => Zone::shape()->nullable(),
            'tool' => Shape::line(0, 60)->nullable(),
            'action' => Shape::text(0, 200)->nullable(),
            'told' => Shape::boolean()->nullable(),
            'follow_up' => Shape::text(0, 200)->nullable(),
            'follow_up_on' => Shape::date()->nullable()->describe('the day somebody asks how the dog is'),
            'incident' => Shape::line(0, 64)->nullable(),
            'to' => Shape::line(0, 36)->nullable()->describe('id of a colleague'),
            'next' => Shape::line(0, 120)->nullable(),
            'note' => Shape::text(0, 300)->nullable(),
            'text' => Shape::text(1, 500)->nullable(),
            'look' => Shape::line(0, 60)->nullable(),
            'held' => Shape::line(0, 64)->nullable()->describe('id of a tap that waits for a choice'),
        ]);
    }

    /**
     * What a tap says, only what its kind needs.
     *
     * @param list<string> $steps keys of the groom's steps
     * @param list<string> $planned zones of its plan
     *
     * @return array<string, mixed>
     *
     * @throws InvalidInput naming what is missing or not allowed
     */
    public static function data(Fields $in, array $steps, array $planned): array
    {
        $kind = $in->text('kind');
        [$must, $may] = self::NEEDS[$kind];
        $data = [];
        foreach ([...$must, ...$may] as $name) {
            if ('actual' === $name) {
                continue;
            }
            if ($in->has($name) && null !== self::value($in, $name)) {
                $data[$name] = self::value($in, $name);
            } elseif (\in_array($name, $must, true)) {
                throw InvalidInput::missing($in->pathOf($name), "a tap of kind $kind needs it");
            }
        }
        $state = $in->textOrNull('state') ?? '';
        if (isset(self::STATES[$kind]) && !\in_array($state, self::STATES[$kind], true)) {
            throw InvalidInput::notOneOf($in->pathOf('state'), $state, self::STATES[$kind], 'state');
        }
        if ('step' === $kind && !\in_array($in->text('step'), $steps, true)) {
            throw InvalidInput::at($in->pathOf('step'), 'is not a step of this groom');
        }
        if (
            'timer' === $kind
            && TimerKind::Clipping === $in->enum('timer', TimerKind::class)
            && true === $in->boolOrNull('on')
            && null === $in->textOrNull('blade')
        ) {
            throw InvalidInput::missing($in->pathOf('blade'), 'the blade that runs: under a guard, its base');
        }

        return 'zone' === $kind ? $data + self::zone($in, $planned, $state) : $data;
    }

    /**
     * @param list<string> $planned
     *
     * @return array<string, mixed>
     */
    private static function zone(Fields $in, array $planned, string $state): array
    {
        $zones = $in->texts('zones');
        $given = $in->objectOrNull('actual');
        if ('deferred' === $state && '' === trim($in->textOrNull('why') ?? '')) {
            throw InvalidInput::missing($in->pathOf('why'), 'say why it was deferred');
        }
        if (null === $given) {
            $unplanned = array_values(array_diff($zones, $planned));
            if (\in_array($state, ['done', 'partly'], true) && [] !== $unplanned) {
                throw InvalidInput::missing(
                    $in->pathOf('actual'),
                    Zone::of($unplanned[0])->label.' was not planned, so say what was done',
                );
            }

            return [];
        }
        $recipe = null;
        foreach ($zones as $zone) {
            $recipe = RecipeCodec::read($given, Zone::of($zone), planned: false);
        }

        return null === $recipe ? [] : ['actual' => RecipeCodec::toArray($recipe)];
    }

    private static function value(Fields $in, string $name): mixed
    {
        return match ($name) {
            'zones' => $in->texts($name),
            'timer' => $in->enumOrNull($name, TimerKind::class)?->value,
            'on', 'ok', 'told' => $in->boolOrNull($name),
            'claw', 'bare' => $in->intOrNull($name),
            'minutes', 'celsius', 'ring', 'channel', 'arc' => $in->floatOrNull($name),
            'follow_up_on' => $in->dateOrNull($name)?->format('Y-m-d'),
            default => null === $in->textOrNull($name) ? null : trim($in->text($name)),
        };
    }
}
