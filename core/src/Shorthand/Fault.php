<?php

/** What a line has wrong, and where: the word, what was expected there, and the nearest that is known. */

declare(strict_types=1);

namespace KeenThistle\Core\Shorthand;

use KeenThistle\Core\Say\Say;

final readonly class Fault
{
    /**
     * @param int $at characters before the word; told counted from 1, as the message does
     * @param int $length of the word in characters
     */
    public function __construct(
        public int $at,
        public int $length,
        public string $word,
        public string $expected,
        public ?string $nearest,
    ) {
    }

    public function message(): string
    {
        $word =
            '' === $this->word
                ? Say::it('shorthand.the_line_ends')
                : '"'.(mb_strlen($this->word) > 40 ? mb_substr($this->word, 0, 40).'…' : $this->word).'"';

        return Say::it(
            'shorthand.at_character_expected',
            $this->at + 1,
            $word,
            $this->expected,
            null === $this->nearest ? '' : Say::it('shorthand.did_you_mean', $this->nearest),
        );
    }

    /** @return array{at: int, length: int, word: string, expected: string, nearest: string|null, message: string} */
    public function toArray(): array
    {
        return [
            'at' => $this->at + 1,
            'length' => $this->length,
            'word' => mb_substr($this->word, 0, 60),
            'expected' => $this->expected,
            'nearest' => $this->nearest,
            'message' => $this->message(),
        ];
    }
}
