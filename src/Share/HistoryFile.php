<?php

/** A dog's history as a file with a seal, for a dog that moves for good; and such a file read again. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Arrival\Seal;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;

/**
 * The signature (Ed25519) covers the history as compact JSON, slashes and letters as they are.
 *
 * @phpstan-import-type Facts from HistoryView
 * @phpstan-import-type Zones from HistoryView
 * @phpstan-import-type Past from HistoryView
 */
final readonly class HistoryFile
{
    public const FORMAT = 'keen-thistle/history';
    public const VERSION = 1;
    private const MOST_BYTES = 2_000_000;
    private const JSON = \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES;

    public function __construct(private Seal $seal)
    {
    }

    public function write(HistoryView $history): string
    {
        $what = array_diff_key(get_object_vars($history), ['seal' => '', 'key' => '']);
        $text = json_encode($what, self::JSON);

        return json_encode(
            [
                'format' => self::FORMAT,
                'version' => self::VERSION,
                'history' => $what,
                'seal' => $this->seal->sign($text),
            ],
            self::JSON,
        );
    }

    /** @throws InvalidInput a file that is none, of a later version, or was changed since it was sealed */
    public function read(string $bytes): HistoryView
    {
        if (\strlen($bytes) > self::MOST_BYTES) {
            throw InvalidInput::at('file', 'must be 2 MB or less: is this a history?');
        }
        $given = json_decode($bytes, false, 16);
        if (!$given instanceof \stdClass || self::FORMAT !== ($given->format ?? null)) {
            throw InvalidInput::at('file', 'is no history of a dog as Keen Thistle writes it');
        }
        if (self::VERSION !== ($given->version ?? null)) {
            throw InvalidInput::at('file', 'was written by a later Keen Thistle: bring this one up to date first');
        }
        $seal = $given->seal ?? null;
        $key = $seal instanceof \stdClass && \is_string($seal->key ?? null) ? $seal->key : '';
        $signature = $seal instanceof \stdClass && \is_string($seal->signature ?? null) ? $seal->signature : '';
        $fits = $this->seal->signed(json_encode($given->history ?? null, self::JSON), $key, $signature);
        if ('no' === $fits) {
            throw InvalidInput::at('file', 'was changed after it was sealed: ask the other salon for it again');
        }
        $h = self::shape()->read($given->history, 'history');
        \assert($h instanceof Fields);
        /** @var array{card: Facts|null, zones: Zones|null, cautions: list<string>|null, visits: Past|null} $plain */
        $plain = json_decode(json_encode($given->history, self::JSON), true, 16, \JSON_THROW_ON_ERROR);

        return new HistoryView(
            $h->text('salon'),
            $h->text('dog'),
            $h->text('made_at'),
            $plain['card'],
            $plain['zones'],
            $plain['cautions'],
            $plain['visits'],
            $fits,
            'other' === $fits ? substr($key, 0, 16) : '',
        );
    }

    private static function shape(): Shape
    {
        $text = static fn (int $most): Shape => Shape::text(0, $most)->required();
        $zones = Shape::list(
            Shape::object([
                'zone' => $text(40),
                'words' => $text(300),
                'mm' => Shape::number(0, 1000)->nullable()->required(),
            ]),
            0,
            100,
        )->nullable()->required();

        return Shape::object([
            'salon' => $text(80),
            'dog' => $text(80),
            'made_at' => $text(20),
            'card' => Shape::list(Shape::object(['what' => $text(40), 'says' => $text(2000)]), 0, 50)
                ->nullable()
                ->required(),
            'zones' => $zones,
            'cautions' => Shape::list(Shape::text(0, 2000), 0, 100)->nullable()->required(),
            'visits' => Shape::list(
                Shape::object([
                    'day' => $text(10),
                    'kind' => $text(8),
                    'minutes' => Shape::integer(0, 10_000)->nullable()->required(),
                    'load' => Shape::number(0, 100)->nullable()->required(),
                    'note' => $text(2000),
                    'zones' => $zones,
                ]),
                0,
                200,
            )
                ->nullable()
                ->required(),
        ]);
    }
}
