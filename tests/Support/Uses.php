<?php

declare(strict_types=1);

namespace Tests\Support;

use FilesystemIterator;
use PhpToken;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Which names the code of a class uses: classes, functions and constants, each whole, as PHP's own tokens tell them. Every file is read once. */
final class Uses
{
    /** What follows one of these is a member, or a name that is given and not used. */
    private const NO_NAME = [
        T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION, T_CONST, T_CLASS, T_INTERFACE, T_ENUM, T_TRAIT, T_CASE, T_GOTO,
    ];

    private const NAMES = [T_STRING, T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED, T_NAME_RELATIVE];

    /** @return array<string, list<string>> class to the names that it uses, of all classes of the house */
    public static function all(): array
    {
        /** @var array<string, list<string>>|null $all */
        static $all = null;

        return $all ??= [...self::in('core', 'Juramen'), ...self::in('app', 'App'), ...self::in('database/demo', 'Database\Demo')];
    }

    /**
     * Classes beneath a namespace that use what they should not.
     *
     * @param  list<string>  $names  namespaces, classes or functions
     * @param  list<string>  $besides  namespaces or classes of which nothing is asked
     * @return list<string> each with what it uses
     */
    public static function of(string $namespace, array $names, array $besides = []): array
    {
        $found = [];
        foreach (self::all() as $class => $uses) {
            foreach (self::isOf($class, [$namespace]) && ! self::isOf($class, $besides) ? $uses : [] as $used) {
                if (self::isOf($used, $names)) {
                    $found[] = "$class uses $used";
                }
            }
        }

        return $found;
    }

    /** @param  list<string>  $names  namespaces or names */
    private static function isOf(string $name, array $names): bool
    {
        foreach ($names as $of) {
            if ($name === $of || str_starts_with($name, "$of\\")) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, list<string>> */
    private static function in(string $folder, string $namespace): array
    {
        $root = dirname(__DIR__, 2)."/$folder";
        $found = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getExtension() === 'php') {
                $class = $namespace.'\\'.strtr(substr($file->getPathname(), strlen($root) + 1, -4), '/', '\\');
                $found[$class] = self::names((string) file_get_contents($file->getPathname()), substr($class, 0, (int) strrpos($class, '\\')));
            }
        }

        return $found;
    }

    /** @return list<string> */
    public static function names(string $code, string $namespace): array
    {
        $tokens = array_values(array_filter(PhpToken::tokenize($code), static fn (PhpToken $t): bool => ! $t->isIgnorable()));
        [$names, $imported, $within] = [[], [], false];
        foreach ($tokens as $i => $token) {
            $within = $within || $token->is([T_CLASS, T_INTERFACE, T_ENUM, T_TRAIT]);
            $before = $tokens[max(0, $i - 1)];
            if (! $within) {
                // Before the class stand its imports: "use", the name, and "as" with another where it is called so.
                if ($before->is([T_USE, T_FUNCTION, T_CONST]) && $token->is(self::NAMES)) {
                    $as = $tokens[$i + 1]->is(T_AS) ? $tokens[$i + 2]->text : substr((string) strrchr("\\$token->text", '\\'), 1);
                    $imported[$as] = $token->text;
                }
            } elseif ($token->is(self::NAMES) && ! $before->is(self::NO_NAME)) {
                $called = ($tokens[$i + 1] ?? null)?->text === '(' && ! $before->is(T_NEW);
                $names[self::whole($token, $called, $imported, $namespace)] = true;
            }
        }

        return array_values(array_unique([...array_values($imported), ...array_keys($names)]));
    }

    /** @param  array<string, string>  $imported */
    private static function whole(PhpToken $name, bool $called, array $imported, string $namespace): string
    {
        if ($name->is(T_NAME_FULLY_QUALIFIED)) {
            return substr($name->text, 1);
        }
        [$first, $rest] = [...explode('\\', $name->text, 2), ''];
        if ($called && $name->is(T_STRING) && ! isset($imported[$first])) {
            return $name->text;
        }

        return isset($imported[$first]) ? $imported[$first].($rest === '' ? '' : "\\$rest") : "$namespace\\$name->text";
    }
}
