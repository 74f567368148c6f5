<?php

/** "This before that", with who says so and why. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Say\Say;

final readonly class Edge
{
    public const MUST = 'must';
    public const FINDING = 'finding';
    public const CARD = 'card';
    public const SCHOOL = 'school';

    /** Work that is part of a step but has a place of its own in the order. */
    public const PARTS = ['card' => Step::Rake, 'skin' => Step::MatsClip, 'face' => Step::Wipe];

    /**
     * @param string $before a step, or one of PARTS
     * @param string $field input field to name where this one contradicts a must
     */
    public function __construct(
        public string $before,
        public string $after,
        public string $from,
        public string $why,
        public string $field = '',
    ) {
    }

    public static function between(Step $before, Step $after, string $from, string $why, string $field = ''): self
    {
        return new self($before->value, $after->value, $from, $why, $field);
    }

    public static function step(string $node): Step
    {
        return self::PARTS[$node] ?? Step::from($node);
    }

    public function words(): string
    {
        return self::title($this->before).Say::it('order.before').self::title($this->after);
    }

    public static function title(string $node): string
    {
        return match ($node) {
            'card' => Say::it('order.carding'),
            'skin' => Say::it('order.look_at_the_skin'),
            'face' => Say::it('order.face_wiped'),
            default => Step::from($node)->title(),
        };
    }
}
