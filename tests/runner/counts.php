<?php

declare(strict_types=1);

// What a report of tests counts: `counts.php REPORT` says passed and failed, `counts.php --slowest REPORT...` the ten
// files that took longest, with their seconds.

$arguments = array_slice($argv, 1);
if (($arguments[0] ?? '') !== '--slowest') {
    $report = @simplexml_load_file($arguments[0] ?? '');
    if ($report === false || ! isset($report->testsuite)) {
        exit(1);
    }
    $suite = $report->testsuite;
    $failed = (int) $suite['failures'] + (int) $suite['errors'];
    echo (int) $suite['tests'] - $failed - (int) $suite['skipped'], ' ', $failed;
    exit;
}

$seconds = [];
foreach (array_slice($arguments, 1) as $path) {
    $report = @simplexml_load_file($path);
    foreach ($report === false ? [] : $report->xpath('//testsuite[@file]') as $one) {
        $file = (string) $one['file'];
        if (str_ends_with($file, '.php')) {
            $seconds[$file] = max($seconds[$file] ?? 0.0, (float) $one['time']);
        }
    }
}
arsort($seconds);
foreach (array_slice($seconds, 0, 10, true) as $file => $took) {
    printf("%7.1f s  %s\n", $took, preg_replace('#^.*/tests/#', 'tests/', $file));
}
