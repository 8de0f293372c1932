<?php

declare(strict_types=1);

arch('the core knows no framework')->expect('HotSprue')->not->toUse(['Illuminate', 'Laravel', 'App', 'Carbon', 'Symfony']);
arch('the core has no clock, chance or I/O')->expect('HotSprue')->not->toUse(['date', 'time', 'microtime', 'mt_rand', 'random_int', 'rand', 'file_get_contents', 'file_put_contents', 'fopen', 'curl_init', 'env', 'config', 'sleep']);
arch('strict types throughout')->expect(['HotSprue', 'App'])->toUseStrictTypes();
arch('nothing is left in to look at')->expect(['HotSprue', 'App'])->not->toUse(['dd', 'dump', 'var_dump', 'print_r']);
