<?php

/** Where the van calls: between which hours, for how long, and what it takes of the van's own water and power. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Say\Say;

final readonly class Stop
{
    /** 23:59 */
    private const END = 1439;

    /**
     * @param string $at place on the road map; two homes on one farm have the same
     * @param int $from minutes since midnight from which it may begin
     * @param int $to minutes since midnight by which it should begin
     * @param int $minutes at work
     * @param float $litres of the van's tank; 0 where there is water
     * @param float $powerMinutes of the van's battery; 0 where there is a socket
     */
    public function __construct(
        public string $id,
        public string $at,
        public int $from,
        public int $to,
        public int $minutes,
        public float $litres,
        public float $powerMinutes,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'id' => Shape::line(1, 60)->required(),
            'at' => Shape::line(1, 60)->required(),
            'from' => Shape::time()->nullable(),
            'to' => Shape::time()->nullable(),
            'minutes' => Shape::integer(1, 600)->required(),
            'litres' => Shape::number(0, 500, 'l')->default(0),
            'power_minutes' => Shape::number(0, 600, 'min')->default(0),
        ]);
    }

    /** @throws InvalidInput for a window that ends before it begins */
    public static function of(Fields $in): self
    {
        $stop = new self(
            $in->text('id'),
            $in->text('at'),
            $in->intOrNull('from') ?? 0,
            $in->intOrNull('to') ?? self::END,
            $in->int('minutes'),
            $in->float('litres'),
            $in->float('power_minutes'),
        );

        return $stop->from <= $stop->to
            ? $stop
            : throw InvalidInput::at($in->pathOf('to'), Say::it('round.window_before'));
    }
}
