<?php

/** What is asked of a round: in which order, how far behind, with which dog besides. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Timing\Service;
use Symfony\Component\Uid\Uuid;

final readonly class RoundAsked
{
    /**
     * @param list<string> $order homes in the order wished; empty: the best
     * @param int $behind minutes
     * @param string $dog that might be fitted in; empty: none
     * @param float|null $water litres left in the tank, as somebody saw
     * @param float|null $power minutes left in the battery, as somebody saw
     * @param bool $afresh as if no owner had been told a time
     */
    private function __construct(
        public array $order,
        public int $behind,
        public string $dog,
        public Service $kind,
        public ?float $water,
        public ?float $power,
        public bool $afresh,
    ) {
    }

    /**
     * @param array<string, string> $query
     *
     * @throws InvalidInput that names what is wrong
     */
    public static function of(array $query): self
    {
        $given = static fn (string $name): string => $query[$name] ?? '';
        $order = '' === $given('order') ? [] : explode(',', $given('order'));
        foreach ($order as $id) {
            if (!Uuid::isValid($id) || \count($order) > 24) {
                throw InvalidInput::at('order', 'must be ids of homes, with a comma between them');
            }
        }
        $number = static function (string $name, float $most) use ($given): ?float {
            $text = $given($name);
            if ('' === $text) {
                return null;
            }
            if (!is_numeric($text) || (float) $text < 0 || (float) $text > $most) {
                throw InvalidInput::at($name, "must be a number from 0 to $most");
            }

            return (float) $text;
        };
        $kind = '' === $given('kind') ? Service::Full : Service::tryFrom($given('kind'));
        if (null === $kind) {
            throw InvalidInput::at('kind', 'must be full, bath, tidy or nails');
        }

        return new self(
            $order,
            (int) ($number('behind', 600) ?? 0),
            $given('dog'),
            $kind,
            $number('water', 1000),
            $number('power', 1440),
            '1' === $given('afresh'),
        );
    }
}
