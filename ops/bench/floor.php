<?php

// The floor a request is measured against: the same SQL as the application's, with PDO and json_encode and nothing
// else.

declare(strict_types=1);

$all = require sprintf('%s-%s.php', getenv('KT_FLOOR'), rtrim($_GET['n'], '0123456789'));
$statements = $all[$_GET['n']] ?? throw new RuntimeException('nothing was recorded for this');
$db = new PDO(getenv('KT_DSN'), 'thistle', getenv('KT_DB_PASSWORD'), [
    PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
    // As the application asks, or the floor reads a large salon's rows by worse ways than it does.
    PDO::MYSQL_ATTR_INIT_COMMAND => "SET SESSION optimizer_switch = 'index_merge_intersection=off'",
]);
$out = [];
foreach ($statements as $sql) {
    $out[] = $db->query(base64_decode($sql))->fetchAll(PDO::FETCH_ASSOC);
}
header('Content-Type: application/json');
echo json_encode($out, \JSON_INVALID_UTF8_SUBSTITUTE);
