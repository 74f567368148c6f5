<?php

/** What an hour costs is as people say it: a minute of it is not always a whole cent. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261127230000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Rates of a minute with fractions of a cent';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE salon MODIFY rate_minor DOUBLE PRECISION DEFAULT 60 NOT NULL');
        $this->addSql('ALTER TABLE salon MODIFY mat_rate_minor DOUBLE PRECISION NOT NULL');
    }
}
