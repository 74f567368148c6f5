<?php

/** One of the people of a home, as its page has them. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Core\Care\WriteRule;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class HomePersonForm
{
    public function __construct(
        #[Line(2, 80), Says('name')] public string $name,
        #[Line(0, 40), Says('phone number')] public string $phone = '',
        #[Line(0, 120), Says('e-mail address')] public string $email = '',
        #[Choice(WriteRule::CONSENT, 'answer'), Says('whether they agreed to be written to')]
        public string $writes = 'unasked',
        #[Says('may fetch the dogs')] public bool $collects = true,
        #[Line(0, 60), Says('what they say at the door, so that they are known')] public string $word = '',
        #[Text(0, 36), Says('id, of one who is known; left out: somebody new')] public ?string $id = null,
    ) {
    }
}
