<?php

/** A migration that can be stopped anywhere and run again: what is there already is left as it is. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\Migrations\AbstractMigration;

/** MariaDB commits every ALTER by itself, so a killed migration leaves a part of it behind. Statements that change data must bear being run twice. */
abstract class Resumable extends AbstractMigration
{
    private const ONCE = [
        '/^CREATE TABLE (?!IF )/' => 'CREATE TABLE IF NOT EXISTS ',
        '/^CREATE (UNIQUE )?INDEX (?!IF )/' => 'CREATE $1INDEX IF NOT EXISTS ',
        '/\bADD CONSTRAINT (\w+) FOREIGN KEY \(/' => 'ADD CONSTRAINT FOREIGN KEY IF NOT EXISTS $1 (',
        '/\b(ALTER TABLE \w+ |, )ADD (?!CONSTRAINT|COLUMN|INDEX|UNIQUE)/' => '$1ADD COLUMN IF NOT EXISTS ',
        '/\bDROP (TABLE|COLUMN|INDEX) (?!IF )/' => 'DROP $1 IF EXISTS ',
    ];

    public function isTransactional(): bool
    {
        return false;
    }

    protected function addSql(string $sql, array $params = [], array $types = []): void
    {
        parent::addSql((string) preg_replace(array_keys(self::ONCE), array_values(self::ONCE), $sql), $params, $types);
    }
}
