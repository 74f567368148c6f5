<?php

/** How sure somebody is of one task. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Choice;
use KeenThistle\Input\Says;
use KeenThistle\Input\Whole;

final readonly class SkillForm
{
    public const TASKS = ['bath', 'dry', 'mats', 'clip', 'scissor', 'strip', 'nails'];

    public function __construct(
        #[Choice(self::TASKS, 'task')] public string $task,
        #[Whole(0, 5), Says('0: does not do it; 5: any dog')] public int $sure,
    ) {
    }
}
