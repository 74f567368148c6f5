<?php

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__.'/var/.php-cs-fixer.cache')
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'yoda_style' => true,
        'single_line_throw' => false,
        'phpdoc_align' => false,
        'phpdoc_to_comment' => false,
        'phpdoc_summary' => false,
        'method_argument_space' => ['on_multiline' => 'ignore'],
        'concat_space' => ['spacing' => 'none'],
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'arrays', 'match', 'parameters']],
        'blank_line_after_opening_tag' => true,
        'native_function_invocation' => [
            'include' => ['@compiler_optimized'],
            'scope' => 'namespaced',
            'strict' => true,
        ],
        'php_unit_strict' => true,
        'php_unit_test_case_static_method_calls' => ['call_type' => 'self'],
        'single_line_comment_style' => true,
    ])
    ->setFinder(
        PhpCsFixer\Finder::create()
            ->in(array_map(
                static fn (string $folder): string => __DIR__."/$folder",
                ['core', 'src', 'tests', 'migrations', 'config', 'public', 'ops'],
            ))
            ->notPath(['reference.php', 'app']),
    );
