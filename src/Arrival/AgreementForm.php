<?php

/** What an owner signs, or refuses. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Input\Whole;

final readonly class AgreementForm
{
    private const PATH = '/^M\d{1,3}(\.\d)?[ ,]\d{1,3}(\.\d)?([ ,]?[ML]?[ ,]?\d{1,3}(\.\d)?[ ,]\d{1,3}(\.\d)?)+$/';

    /** @param list<string>|null $extras */
    public function __construct(
        public bool $agreed,
        #[Line(1, 80), Says('name of who signs, or refuses')] public string $signed_by,
        #[Whole(1, 1_000_000), Says('the comb test that was shown')] public int $comb_version,
        #[Whole(1, 1_000_000), Says('the check that was shown')] public int $check_version,
        #[Choice(Arrival::CHOICES, 'choice'), Says('the way that was chosen')] public string $choice,
        #[Text(0, 20_000), Says('SVG path data, M and L only, in a box of 600 × 200')] public string $signature = '',
        #[Choice(Service::class, 'kind of visit'),
            Says('what it came for, as shown; null: as it is'),]
        public ?Service $kind = null,
        #[ListOf(new Line(1, 60), 0, 20), Says('what was asked for on top, as shown; null: as it is')]
        public ?array $extras = null,
        #[Whole(0, 100_000_000), Says('the price that was shown; null: as it is')] public ?int $price_minor = null,
        #[Choice(['tablet', 'phone'], 'way'),
            Says('how the owner answered: by phone nobody signs'),]
        public string $by = 'tablet',
        #[Says('what was shown where no salon could be asked: it stays as it was signed')]
        public ?ShownAway $away = null,
    ) {
    }

    /** The drawn line. @throws InvalidInput where somebody agrees without one, or it is no line */
    public function line(): string
    {
        $signature = trim($this->signature);
        if ($this->agreed && '' === $signature && 'tablet' === $this->by) {
            throw InvalidInput::missing('signature', 'the owner signs on the tablet');
        }
        if ('' !== $signature && 1 !== preg_match(self::PATH, $signature)) {
            throw InvalidInput::at('signature', 'must be a drawn line: M and L with numbers up to 999');
        }

        return $signature;
    }
}
