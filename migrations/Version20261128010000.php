<?php

/** The day somebody asks how a dog is after something went wrong. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128010000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Follow-up date of an incident';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE incident ADD follow_up_on DATE DEFAULT NULL');
    }
}
