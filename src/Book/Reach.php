<?php

/** Whom to call about a dog, who may fetch it, its vet: its own where it has some, else its home's. */

declare(strict_types=1);

namespace KeenThistle\Book;

final readonly class Reach
{
    private function __construct(public string $vet, public string $emergency, public string $mayCollect)
    {
    }

    public static function of(Dog $dog): self
    {
        $home = $dog->household;
        $said = static fn (string $name, string $word): string => '' === $word ? $name : "$name (word: $word)";
        $second = [];
        foreach ($home->others as $o) {
            if ('second' === $o['role']) {
                $second[] = trim("$o[name], $o[phone]", ', ');
            }
        }
        $collect = array_map(static fn (array $c): string => $said($c['name'], $c['word']), self::collectors($dog));

        return new self(
            '' === $dog->vet ? $home->vet : $dog->vet,
            '' === $dog->emergency ? implode('; ', $second) : $dog->emergency,
            '' === $dog->mayCollect ? implode('; ', $collect) : $dog->mayCollect,
        );
    }

    /**
     * Who may fetch it without being asked about.
     *
     * @return list<array{name: string, word: string}>
     */
    public static function collectors(Dog $dog): array
    {
        if ('' !== $dog->mayCollect) {
            return array_map(
                static fn (string $name): array => ['name' => trim($name), 'word' => ''],
                array_values(array_filter((array) preg_split('/[;,]/', $dog->mayCollect), 'is_string')),
            );
        }
        $out = [];
        foreach ($dog->household->clients as $c) {
            if ($c->collects) {
                $out[] = ['name' => $c->name, 'word' => $c->word];
            }
        }
        foreach ($dog->household->others as $o) {
            if ($o['collects']) {
                $out[] = ['name' => $o['name'], 'word' => $o['word']];
            }
        }

        return $out;
    }
}
