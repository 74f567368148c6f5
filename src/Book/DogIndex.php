<?php

/** Keeps the search terms of a dog in step with its row. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\DBAL\Connection;

final readonly class DogIndex
{
    public function __construct(private Connection $db)
    {
    }

    /** Writes the terms of this dog anew; call after its row is stored. */
    public function refresh(Dog $dog): void
    {
        $people = array_values($dog->household->clients->toArray());
        $terms = SearchTerms::of(
            $dog->name,
            $dog->breed,
            [$dog->household->name, ...array_map(static fn (Client $c): string => $c->name, $people)],
            array_map(static fn (Client $c): string => $c->phone, $people),
        );
        $this->db->executeStatement('DELETE FROM dog_term WHERE dog_id = ?', [$dog->id->toBinary()]);
        // Another record is this dog: it is not found any more.
        foreach (array_chunk(Dog::MERGED === $dog->state ? [] : $terms, 200) as $chunk) {
            $values = [];
            foreach ($chunk as [$field, $term]) {
                array_push($values, $dog->salon->id->toBinary(), $field, $term, $dog->id->toBinary());
            }
            $this->db->executeStatement(
                'INSERT INTO dog_term (salon_id, field, term, dog_id) VALUES '.
                    implode(',', array_fill(0, \count($chunk), '(?,?,?,?)')),
                $values,
            );
        }
    }
}
