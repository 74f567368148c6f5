<?php

/** Which changes were made together, so that they can be taken back as one; and what the rules read of visits, in one index. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261127120000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Changes that belong to another one; an index of what visits left';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE change_log ADD part_of BINARY(16) DEFAULT NULL');
        $this->addSql(
            'CREATE INDEX past ON visit_zone (visit_id, zone, state, actual_method, actual_reason, finished_um, '.
                'arrival_um, owner_cut)',
        );
        $this->addSql('CREATE INDEX part_of ON change_log (part_of, dog_id)');
    }
}
