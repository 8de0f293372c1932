<?php

declare(strict_types=1);

/**
 * Folders of the core from the ground up: each uses only those before it. What lists the calculations stands over them.
 */
const LAYERS = [
    'Measures', 'Fields', 'Stock', 'Workshop', 'Calculation',
    'Form', 'Stones', 'Wax', 'Seats', 'Layout', 'Metal', 'Tree', 'Burnout', 'Pour', 'Solder', 'Strip', 'Setting',
    'Heat', 'Solid', 'Finish', 'Time', 'Plan', 'Price', 'OwnFigures',
    'Account', 'Kiln', 'Casting', 'Calculations', 'Samples', 'Asking', 'Drawing', 'Job',
];

/** @return array<string, list<PhpToken>> the code of core and app, read once */
function sources(): array
{
    static $read = null;
    if ($read !== null) {
        return $read;
    }
    $read = [];
    foreach (['core', 'app', 'tools'] as $folder) {
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$folder}"));
        foreach ($files as $file) {
            if ($file->getExtension() === 'php') {
                $path = substr((string) $file, strlen(dirname(__DIR__, 2)) + 1);
                $read[$path] = PhpToken::tokenize((string) file_get_contents((string) $file));
            }
        }
    }

    return $read;
}

/** @return list<string> every qualified name in a file, its own namespace left out */
function namesIn(string $path): array
{
    $names = [];
    $tokens = sources()[$path];
    foreach ($tokens as $at => $token) {
        $declares = ($tokens[$at - 2] ?? null)?->is(T_NAMESPACE) === true;
        if (! $declares && $token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED])) {
            $names[] = ltrim($token->text, '\\');
        }
    }

    return $names;
}

/** @return array<string, list<string>> what each file of a folder calls that is among these functions */
function calls(string $folder, string ...$functions): array
{
    $found = [];
    foreach (sources() as $path => $tokens) {
        foreach (str_starts_with($path, $folder) ? $tokens : [] as $at => $token) {
            $before = $tokens[$at - 1] ?? null;
            if ($token->is(T_STRING) && in_array(
                $token->text, $functions, true,
            ) && ($tokens[$at + 1] ?? null)?->text === '('
                && $before?->is([T_OBJECT_OPERATOR, T_DOUBLE_COLON, T_NULLSAFE_OBJECT_OPERATOR]) !== true
                && ($tokens[$at - 2] ?? null)?->is(T_FUNCTION) !== true) {
                $found[$path][] = $token->text;
            }
        }
    }

    return $found;
}

it('stands in layers, with no circle between folders of the core', function (): void {
    $upward = [];
    foreach (array_keys(sources()) as $path) {
        if (! str_starts_with($path, 'core/')) {
            continue;
        }
        $own = array_search(explode('/', substr($path, 5, -4))[0], LAYERS, true);
        expect($own)->toBeInt("{$path} is in no layer that is named");
        foreach (namesIn($path) as $name) {
            $parts = explode('\\', $name);
            if ($parts[0] === 'HotSprue' && array_search($parts[1], LAYERS, true) > $own) {
                $upward[] = "{$path} uses {$name}";
            }
        }
    }

    expect($upward)->toBe([]);
});

it('keeps framework and application out of the core', function (): void {
    $foreign = [];
    foreach (array_keys(sources()) as $path) {
        foreach (str_starts_with($path, 'core/') ? namesIn($path) : [] as $name) {
            // Money is exact: the one package that the core stands on.
            if (! str_starts_with($name, 'HotSprue\\') && ! str_starts_with($name, 'Brick\\Math\\')) {
                $foreign[] = "{$path} uses {$name}";
            }
        }
    }

    expect($foreign)->toBe([]);
});

it('keeps clock, chance and I/O out of the core', function (): void {
    expect(calls('core/', 'date', 'time', 'microtime', 'mt_rand', 'random_int', 'rand', 'file_get_contents',
        'file_put_contents',
        'fopen', 'curl_init', 'env', 'config', 'sleep'))->toBe([]);
});

it('leaves nothing in to look at', function (): void {
    expect(
        [...calls('core/', 'dd', 'dump', 'var_dump', 'print_r'), ...calls('app/', 'dd', 'dump', 'var_dump', 'print_r')],
    )->toBe([]);
});

it('declares strict types in every file', function (): void {
    foreach (sources() as $path => $tokens) {
        expect($tokens[2]->is(T_DECLARE) || $tokens[1]->is(T_DECLARE))->toBeTrue($path);
    }
});

it('breaks its lines where the thought breaks, at 120 columns', function (): void {
    $root = dirname(__DIR__, 2);
    $long = [];
    foreach (['core', 'app', 'bootstrap', 'config', 'database', 'routes', 'tests', 'tools'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}")) as $file) {
            if ($file->getExtension() !== 'php' || str_contains((string) $file, 'bootstrap/cache')) {
                continue;
            }
            foreach (file((string) $file, FILE_IGNORE_NEW_LINES) ?: [] as $at => $line) {
                mb_strlen($line) <= 120 ?: $long[] = substr((string) $file, strlen($root) + 1).':'.($at + 1);
            }
        }
    }

    expect($long)->toBe([]);
});

it('keeps a file to its subject, under 300 lines', function (): void {
    $long = array_filter(array_keys(sources()), static fn (string $path): bool => substr_count(
        implode('', array_column(sources()[$path], 'text')), "\n",
    ) > 300);

    expect(array_values($long))->toBe([]);
});

it('keeps the screen’s files under 250 lines, and asks nowhere where it is', function (): void {
    $long = $chains = [];
    $screen = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/resources/js'));
    foreach ($screen as $file) {
        $path = (string) $file;
        if (preg_match('/\.tsx?$/', $path) !== 1 || str_ends_with($path, '.d.ts')) {
            continue;
        }
        $text = (string) file_get_contents($path);
        if (substr_count($text, "\n") > 250) {
            $long[] = basename($path);
        }
        // A station's page is looked up, never found by a chain of comparisons.
        if (preg_match_all('/\b(?:here|station) === \'/', $text) > 1) {
            $chains[] = basename($path);
        }
    }
    expect($long)->toBe([])->and($chains)->toBe([]);
});

/** @return array<string, string> every file of tests by its path */
function testFiles(): array
{
    $read = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__))) as $file) {
        if ($file->getExtension() === 'php') {
            $read[substr((string) $file, strlen(dirname(__DIR__)) + 1)] = (string) file_get_contents((string) $file);
        }
    }

    return $read;
}

it('lets every test file pass alone: what another calls stands in Support, and nothing is fetched', function (): void {
    $owners = $borrowed = [];
    foreach (testFiles() as $path => $text) {
        preg_match_all('/^function (\w+)/m', $text, $found);
        $owners += array_fill_keys(str_starts_with($path, 'Support/') ? [] : $found[1], $path);
    }
    foreach (testFiles() as $path => $text) {
        preg_match_all('/(?<![\w>:$\x27\x5c]|function )(\w+)\(/', $text, $called);
        preg_match_all('/^function (\w+)/m', $text, $own);
        foreach (array_diff(array_unique($called[1]), $own[1]) as $name) {
            isset($owners[$name]) && $borrowed[] = "{$path} takes {$name} from {$owners[$name]}";
        }
        if (str_contains($path, 'Test.php') && preg_match('/^\s*require(?:_once)? __DIR__/m', $text) === 1) {
            $borrowed[] = "{$path} fetches another file";
        }
    }
    expect($borrowed)->toBe([]);
});

it('names no helper twice within a suite', function (): void {
    $names = [];
    foreach (testFiles() as $path => $text) {
        preg_match_all('/^function (\w+)/m', $text, $found);
        foreach ($found[1] as $name) {
            $names[strtok($path, '/').' '.$name][] = $path;
        }
    }
    expect(array_filter($names, static fn (array $of): bool => count($of) > 1))->toBe([]);
});

it('sends every request of the screen through one place, which gives a press its key', function (): void {
    $elsewhere = [];
    $root = dirname(__DIR__, 2).'/resources/js';
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root)) as $file) {
        $path = substr((string) $file, strlen($root) + 1);
        $text = preg_match('/\.tsx?$/', $path) === 1 ? (string) file_get_contents((string) $file) : '';
        if ($path !== 'api/client.ts' && preg_match('/(?<![\w.])fetch\(|XMLHttpRequest|sendBeacon/', $text) === 1) {
            $elsewhere[] = $path;
        }
        // A key made by hand belongs to a request that is kept and sent again.
        if (! in_array($path, ['api/keys.ts', 'job/drafts.ts'], true) && str_contains($text, 'newKey(')) {
            $elsewhere[] = "{$path} makes a key";
        }
    }
    expect($elsewhere)->toBe([]);
});
