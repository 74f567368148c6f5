<?php

/** A warning that stands where the hand goes. Exists so that a rule can warn without forbidding. */

declare(strict_types=1);

namespace KeenThistle\Core\Reason;

/** A stable code for programs, a plain sentence for people, and a level: note, caution or danger. */
final readonly class Caution
{
    public const NOTE = 'note';
    public const CAUTION = 'caution';
    public const DANGER = 'danger';

    public function __construct(public string $code, public string $message, public string $level = self::CAUTION)
    {
    }

    /** @return array{code: string, message: string, level: string} */
    public function toArray(): array
    {
        return ['code' => $this->code, 'message' => $this->message, 'level' => $this->level];
    }

    /**
     * @param list<self> $cautions
     *
     * @return list<array{code: string, message: string, level: string}>
     */
    public static function listToArray(array $cautions): array
    {
        return array_map(static fn (self $c): array => $c->toArray(), $cautions);
    }
}
