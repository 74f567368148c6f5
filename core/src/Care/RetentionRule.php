<?php

/** How long things are kept: from which moment words of messages, and homes nobody comes from, have had their time. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

final readonly class RetentionRule
{
    /** Longer than anybody may be obliged to keep the record of a sale. */
    public const LEAST_YEARS = 2;

    /**
     * @param int $messageMonths 0: messages are kept for ever
     * @param int $homeYears 0: homes are kept for ever
     */
    public function __construct(public int $messageMonths, public int $homeYears)
    {
    }

    /** Null: none has had its time. What was sent at that moment or later is kept. */
    public function messagesBefore(\DateTimeImmutable $now): ?\DateTimeImmutable
    {
        return 0 === $this->messageMonths ? null : $now->sub(new \DateInterval("P{$this->messageMonths}M"));
    }

    /** A home of which no dog comes, and none was here or is awaited since then. Null: none has had its time. */
    public function homesBefore(\DateTimeImmutable $today): ?\DateTimeImmutable
    {
        return 0 === $this->homeYears
            ? null
            : $today->sub(new \DateInterval('P'.max(self::LEAST_YEARS, $this->homeYears).'Y'));
    }
}
