<?php

// Reads a dump on standard input: php ops/copy.php counts (rows by table) | photos (ids of the rows of photos) | gather
// FOLDER (links their files from FOLDER/tree*/ and what is put aside there into FOLDER/photos, and prints what is
// missing).
// The dump has one line a row, each beginning with a bracket; a line end inside a text is written as \n.

declare(strict_types=1);

$what = $argv[1] ?? '';
$rows = $columns = $photos = [];
$made = $into = '';
while (false !== ($line = fgets(\STDIN))) {
    if (1 === preg_match('/^CREATE TABLE `(\w+)`/', $line, $m)) {
        $made = $m[1];
        $rows[$made] = 0;
    } elseif ('' !== $made && 1 === preg_match('/^  `(\w+)` /', $line, $m)) {
        $columns[$made][] = $m[1];
    } elseif (1 === preg_match('/^INSERT INTO `(\w+)`/', $line, $m)) {
        [$made, $into] = ['', $m[1]];
    } elseif ('(' === $line[0] && '' !== $into) {
        ++$rows[$into];
        if ('photo' === $into) {
            $values = str_getcsv(substr(rtrim($line), 1, -2), ',', "'", '\\');
            $id = strtolower(substr((string) $values[(int) array_search('id', $columns['photo'], true)], 2));
            $photos[] = preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', $id);
        }
    }
}
if ('photos' === $what) {
    echo implode("\n", $photos), [] === $photos ? '' : "\n";
}
if ('gather' === $what) {
    $folder = (string) ($argv[2] ?? '');
    foreach ($photos as $photo) {
        foreach (["$photo-large.jpg", "$photo-small.jpg"] as $name) {
            foreach (is_file("$folder/photos/$name") ? [] : (array) glob("$folder/tree*", \GLOB_ONLYDIR) as $tree) {
                if (
                    @link("$tree/$name", "$folder/photos/$name")
                    || @link("$tree/aside/$name", "$folder/photos/$name")
                ) {
                    break;
                }
            }
            if (!is_file("$folder/photos/$name")) {
                echo $name, "\n";
            }
        }
    }
}
if ('counts' === $what) {
    foreach ($rows as $table => $count) {
        echo "$table $count\n";
    }
}
