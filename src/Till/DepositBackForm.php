<?php

/** How a deposit goes back. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Core\Money\Way;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class DepositBackForm
{
    public function __construct(
        #[Text(36, 36), Says('where the money goes back')] public string $place,
        #[Choice(Way::class, 'way of paying')] public Way $way = Way::Cash,
    ) {
    }
}
