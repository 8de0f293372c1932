<?php

declare(strict_types=1);

namespace Tools\Fuzzing;

use App\Files\JobFile;
use App\Models\Job;
use Random\Randomizer;
use ZipArchive;

/** FuzzFiles to be sent in: pictures, job files, zips and lists, whole and bent. */
final readonly class FuzzFiles
{
    public function __construct(private Randomizer $dice, private BadValues $bent) {}

    /** @return array{string, string} where it lies, and what is in it in words */
    public function for(string $route): array
    {
        [$bytes, $said] = match (true) {
            $this->dice->getInt(0, 5) === 0 => [$this->dice->getBytes(400), 'noise'],
            str_ends_with($route, '/pictures') => $this->picture(),
            str_contains($route, 'metal') => $this->lots(),
            default => $this->job(),
        };
        $file = (string) tempnam(sys_get_temp_dir(), 'fuzz');
        file_put_contents($file, $bytes);

        return [$file, "({$said})"];
    }

    /** @return array{string, string} */
    private function picture(): array
    {
        $image = imagecreatetruecolor($this->dice->getInt(1, 60), $this->dice->getInt(1, 60));
        ob_start();
        imagepng($image);
        $bytes = (string) ob_get_clean();

        return match ($this->dice->getInt(0, 3)) {
            0 => [substr($bytes, 0, 40), 'half a picture'],
            1 => [substr_replace($bytes, pack('NN', 60_000, 60_000), 16, 8), 'a picture that says it is huge'],
            2 => [substr_replace($bytes, pack('NN', 0, 0), 16, 8), 'a picture of no size'],
            default => [$bytes, 'a picture'],
        };
    }

    /** @return array{string, string} */
    private function lots(): array
    {
        $rows = [
            'alloy,mass,name,owner', 'sterling-925,10,grain,', '14k-rose,"2 dwt",=cmd,Oda Brannick',
            "sterling-925,10,M\xFCller,", 'moon,-1,,', "sterling-925,1e308,,\x00", '"', str_repeat('a,', 400),
        ];
        $picked = array_map(
            fn (): string => $rows[$this->dice->getInt(0, count($rows) - 1)], range(1, $this->dice->getInt(1, 4)),
        );

        return [implode("\n", [$this->dice->getInt(0, 3) === 0 ? '' : $rows[0], ...$picked]), implode(' | ', $picked)];
    }

    /** @return array{string, string} */
    private function job(): array
    {
        $jobs = Job::query()->with(['client', 'rulebook'])->orderByDesc('id')->limit(30)->get();
        $job = $jobs->slice($this->dice->getInt(0, $jobs->count() - 1), 1)->firstOrFail();
        $file = json_decode(app(JobFile::class)->json($job), true);
        $file['document'] = $this->dice->getInt(0, 2) === 0 ? $file['document'] : $this->bent->body($file['document']);
        $file = $this->dice->getInt(0, 3) === 0 ? $this->bent->body($file) : $file;
        $text = (string) json_encode($file, JSON_PARTIAL_OUTPUT_ON_ERROR);
        if ($this->dice->getInt(0, 2) > 0) {
            return [$text, mb_strcut($text, 0, 400)];
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString($this->dice->getInt(0, 5) === 0 ? 'other.json' : 'job.json', $text);
        $this->dice->getInt(0, 2) === 0 ?: $zip->addFromString(
            ['../../evil.php', 'pictures/'.str_repeat('a', 40).'.png', 'pictures/x.png'][$this->dice->getInt(0, 2)],
            $this->picture()[0],
        );
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return [$bytes, 'a zip of '.mb_strcut($text, 0, 300)];
    }
}
