<?php

/** A foot style goes by the name the trade has for it: cards and visits that carry the old one follow. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128020000 extends Resumable
{
    private const COLUMNS = [
        'plan_zone' => ['shape'],
        'visit_zone' => ['planned_shape', 'actual_shape'],
    ];

    public function getDescription(): string
    {
        return 'The clean foot is the shaved foot';
    }

    public function up(Schema $schema): void
    {
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $column) {
                $this->addSql("UPDATE $table SET $column = 'shaved foot' WHERE $column = 'clean foot'");
            }
        }
    }
}
