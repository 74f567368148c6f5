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

    /** @param string $field input field to name where this one contradicts a must */
    public function __construct(
        public Step $before,
        public Step $after,
        public string $from,
        public string $why,
        public string $field = '',
    ) {
    }

    public function words(): string
    {
        return $this->before->title().Say::it('order.before').$this->after->title();
    }
}
