<?php

declare(strict_types=1);

$finder = PhpCsFixer\Finder::create()
    ->in([__DIR__.'/app', __DIR__.'/core', __DIR__.'/tests', __DIR__.'/config', __DIR__.'/database', __DIR__.'/routes', __DIR__.'/bootstrap', __DIR__.'/public'])
    ->exclude(['cache', 'build'])
    ->append([__DIR__.'/server.php', __DIR__.'/artisan', __FILE__]);

return (new PhpCsFixer\Config)
    ->setFinder($finder)
    ->setRiskyAllowed(true)
    ->setUnsupportedPhpVersionAllowed(true)
    ->setRules([
        '@PSR12' => true,
        'declare_strict_types' => true,
        'final_class' => true,
        'array_syntax' => ['syntax' => 'short'],
        'no_unused_imports' => true,
        'ordered_imports' => ['sort_algorithm' => 'alpha'],
        'single_quote' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'arguments', 'parameters', 'match']],
        'phpdoc_align' => false,
        'phpdoc_trim' => true,
        'no_superfluous_phpdoc_tags' => ['allow_mixed' => true],
        'concat_space' => ['spacing' => 'none'],
        'not_operator_with_successor_space' => true,
        'new_with_parentheses' => ['named_class' => false, 'anonymous_class' => false],
        'blank_line_before_statement' => ['statements' => ['return']],
        'no_extra_blank_lines' => true,
        'class_attributes_separation' => ['elements' => ['method' => 'one']],
        'braces_position' => ['allow_single_line_empty_anonymous_classes' => true, 'allow_single_line_anonymous_functions' => true],
        'single_line_empty_body' => true,
        'unary_operator_spaces' => true,
        'cast_spaces' => true,
        'native_function_casing' => true,
    ]);
