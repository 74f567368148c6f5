<?php

// Reads a dump on standard input: php ops/copy.php counts (rows by table) | photos (ids of the rows of photos).
// The dump has one line a row, each beginning with a bracket; a line end inside a text is written as \n.

declare(strict_types=1);

$what = $argv[1] ?? '';
$rows = $columns = [];
$made = $into = '';
while (false !== $line = fgets(\STDIN)) {
    if (1 === preg_match('/^CREATE TABLE `(\w+)`/', $line, $m)) {
        $made = $m[1];
        $rows[$made] = 0;
    } elseif ('' !== $made && 1 === preg_match('/^  `(\w+)` /', $line, $m)) {
        $columns[$made][] = $m[1];
    } elseif (1 === preg_match('/^INSERT INTO `(\w+)`/', $line, $m)) {
        [$made, $into] = ['', $m[1]];
    } elseif ('(' === $line[0] && '' !== $into) {
        ++$rows[$into];
        if ('photos' === $what && 'photo' === $into) {
            $values = str_getcsv(substr(rtrim($line), 1, -2), ',', "'", '\\');
            $id = strtolower(substr((string) $values[(int) array_search('id', $columns['photo'], true)], 2));
            echo preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', $id), "\n";
        }
    }
}
if ('counts' === $what) {
    foreach ($rows as $table => $count) {
        echo "$table $count\n";
    }
}
