<?php

/** What is said of a product. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Wash\Ratio;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Number;
use KeenThistle\Input\Says;
use KeenThistle\Input\Whole;

final readonly class ProductForm
{
    /** @param list<string> $coats */
    public function __construct(
        #[Line(1, 60)] public string $name,
        #[Line(1, 20), Says('as it is written: 1:10, or 10')] public string $ratio,
        #[Choice(Product::KINDS, 'kind of product')] public string $kind = 'shampoo',
        #[Whole(0, 730), Says('days the maker\'s label allows a mixed bottle')] public ?int $label_days = null,
        #[Whole(0, 60), Says('minutes on the coat by the label')] public ?int $dwell_min = null,
        #[ListOf(new Choice(CoatType::class, 'coat'), 0, 11), Says('coats it is meant for; none: any')]
        public array $coats = [],
        #[Whole(50, 20_000)] public int $bottle_ml = 500,
        #[Number(0, 1_000_000, 'ml of concentrate')] public float $stock_ml = 0.0,
        #[Whole(0, 10_000_000), Says('price of a litre of concentrate')] public ?int $litre_minor = null,
        #[Line(0, 200)] public string $note = '',
        public bool $active = true,
    ) {
    }

    /** @throws InvalidInput for a ratio that was typed the wrong way round */
    public function into(Product $p): void
    {
        $p->name = trim($this->name);
        $p->kind = $this->kind;
        $p->ratio = Ratio::parse($this->ratio);
        $p->labelDays = $this->label_days;
        $p->dwell = $this->dwell_min;
        $p->coats = array_values(array_unique($this->coats));
        $p->bottleMl = $this->bottle_ml;
        $p->stockMl = $this->stock_ml;
        $p->litreMinor = $this->litre_minor;
        $p->note = trim($this->note);
        $p->active = $this->active;
    }
}
