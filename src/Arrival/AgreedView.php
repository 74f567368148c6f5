<?php

/** The owner's newest word, as it stands at the head of the table. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Input\Says;

final readonly class AgreedView
{
    public function __construct(
        public bool $agreed,
        #[Says('what was agreed, as it was shown')] public string $title,
        public ?float $leaves_mm,
        public ?float $minutes,
        public ?int $price_minor,
        public string $signed_by,
        public string $at,
        #[Says('tablet or phone')] public string $by,
        #[Says('version of the comb test it was said to')] public int $comb_version,
    ) {
    }

    /** @return array<string, mixed> as a groom keeps it, and shows it */
    public function toArray(): array
    {
        return [
            'agreed' => $this->agreed,
            'title' => $this->title,
            'leaves_mm' => $this->leaves_mm,
            'minutes' => $this->minutes,
            'price_minor' => $this->price_minor,
            'signed_by' => $this->signed_by,
            'at' => $this->at,
            'by' => $this->by,
            'comb_version' => $this->comb_version,
        ];
    }

    /** @param list<Agreement> $agreements oldest first */
    public static function of(array $agreements): ?self
    {
        $last = end($agreements);
        if (false === $last) {
            return null;
        }
        $terms = json_decode($last->terms, true);
        $terms = \is_array($terms) ? $terms : [];
        $number = static fn (string $name): ?float => is_numeric($terms[$name] ?? null) ? (float) $terms[$name] : null;
        $text = static fn (string $name): string => \is_string($terms[$name] ?? null) ? $terms[$name] : '';
        $price = $number('price_minor');

        return new self(
            $last->agreed,
            $text('title'),
            $number('leaves_mm'),
            $number('minutes'),
            null === $price ? null : (int) $price,
            $last->signedBy,
            $last->at->format('Y-m-d\TH:i:s\Z'),
            '' === $text('by') ? 'tablet' : $text('by'),
            (int) $number('comb_version'),
        );
    }
}
