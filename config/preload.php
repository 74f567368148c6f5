<?php

// What every request needs is loaded once, with the service: the container's own list, all of ours, and what the
// database layer takes up by name at run time, which that list cannot see.

declare(strict_types=1);

use Symfony\Component\DependencyInjection\Dumper\Preloader;

if ('cli' === \PHP_SAPI) {
    return;
}

// A service whose folder is not named runs from Symfony's usual one.
$cache = getenv('APP_CACHE_DIR') ?: dirname(__DIR__).'/var/cache';
require $cache.'/prod/KeenThistle_KernelProdContainer.preload.php';

/** @var array<class-string, string> $map */
$map = require dirname(__DIR__).'/vendor/composer/autoload_classmap.php';
$wanted = '#^(KeenThistle\\\\(?!Demo|Ask|Kernel)|Doctrine\\\\DBAL\\\\(Types|Driver\\\\PDO\\\\(MySQL\\\\)?[A-Z]\w+$'.
    '|Platforms\\\\(AbstractMySQL|MariaDB)|Connection\\\\|Schema\\\\MySQLSchemaManager|DriverManager|ExpandArray)'.
    '|Symfony\\\\Bridge\\\\Doctrine\\\\Types|Symfony\\\\Component\\\\(Clock|Routing\\\\Attribute)\\\\[A-Z]\w+$'.
    '|Symfony\\\\Component\\\\Security\\\\(Http\\\\(Attribute|Event|Authenticator\\\\Token)|Core\\\\[A-Z]\w+$))#';
Preloader::preload(array_values(preg_grep($wanted, array_keys($map)) ?: []));
