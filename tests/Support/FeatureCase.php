<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Job;
use App\Models\Person;
use App\Models\Workshop;
use App\People\Role;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** A booted application with an empty workshop and one person at the bench. */
abstract class FeatureCase extends TestCase
{
    private const TODAY = '2026-11-25 09:00:00';

    protected function setUp(): void
    {
        parent::setUp();
        // The workshop's day is always the same: what is planned ahead in a test lies ahead whenever it runs.
        $this->travelTo(self::TODAY);
        Workshop::the();
        Person::query()->firstOrCreate(['name' => 'Maren'], ['role' => Role::Owner]);
    }

    /**
     * Signs in as a browser does: its cookie goes along with what is asked after.
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function signIn(string $name, string $passphrase): TestResponse
    {
        $answer = $this->postJson('/api/sign-in', ['name' => $name, 'passphrase' => $passphrase]);
        foreach ($answer->headers->getCookies() as $cookie) {
            $this->withCredentials()->withUnencryptedCookie($cookie->getName(), (string) $cookie->getValue());
        }
        $this->forgetWho();

        return $answer;
    }

    /** The next request finds out anew who asks, as one in another process does. */
    public function forgetWho(): void
    {
        $this->app?->make('auth')->forgetGuards();
    }

    /**
     * Signs a station off as it stands now.
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function sign(Job $job, string $station): TestResponse
    {
        return $this->postJson(
            "/api/jobs/{$job->number}/stations/{$station}",
            ['state' => 'signed', 'version' => (int) Job::query()->whereKey($job->id)->value('version')],
        );
    }

    /**
     * Sends a job file in, as its client's own.
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function import(string $bytes, string $name = 'job.json', bool $sameClient = true): TestResponse
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'job');
        file_put_contents($path, $bytes);

        return $this->post(
            '/api/jobs/import',
            [
                'file' => new UploadedFile($path, $name, null, null, true),
                ...($sameClient ? ['same_client' => '1'] : []),
            ],
            ['Accept' => 'application/json'],
        );
    }

    /**
     * Every request that changes something carries a key of its own, as the screen's do.
     *
     * @param  string  $method
     * @param  string  $uri
     * @param  array<mixed>  $parameters
     * @param  array<mixed>  $cookies
     * @param  array<mixed>  $files
     * @param  array<mixed>  $server
     * @param  string|null  $content
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        return parent::call(
            $method, $uri, $parameters, $cookies, $files, ['HTTP_IDEMPOTENCY_KEY' => (string) Str::uuid(), ...$server],
            $content,
        );
    }
}
