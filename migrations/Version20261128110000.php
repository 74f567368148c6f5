<?php

/** When places are open and people work, what is there to work at, what each person does. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128110000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Hours, closed days, stations and skills';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            "ALTER TABLE place ADD hours JSON DEFAULT '[]' NOT NULL, ADD closed_days JSON DEFAULT '[]' NOT NULL, ".
                "ADD stations JSON DEFAULT '{}' NOT NULL",
        );
        $this->addSql(
            "ALTER TABLE staff ADD skills JSON DEFAULT '{}' NOT NULL, ADD hours JSON DEFAULT '[]' NOT NULL, ".
                "ADD away JSON DEFAULT '[]' NOT NULL",
        );
    }
}
