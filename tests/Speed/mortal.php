<?php

declare(strict_types=1);

use Tests\Browser\Support\Daemon;

/** A server that can be killed at any moment and stands up again at the same address, and its database with it. */
final class MortalServer
{
    /** @var array{server: int, database: int} */
    public array $killed = ['server' => 0, 'database' => 0];

    public readonly string $base;

    private Daemon $server;

    public function __construct(private readonly string $database)
    {
        $this->base = 'http://127.0.0.1:'.Daemon::freePort();
        $this->stand();
    }

    /** Every fifth time it is the database. */
    public function strike(): void
    {
        if (array_sum($this->killed) % 5 === 4) {
            $this->killed['database']++;
            exec('pkill -KILL -f '.escapeshellarg('mariadbd.*'.dirname(__DIR__, 2).'/storage/mariadb'));
            usleep(200_000);
            exec(dirname(__DIR__, 2).'/bin/db start </dev/null >/dev/null 2>&1', $printed, $status);
            $status === 0 || throw new RuntimeException('The database did not start again.');
        } else {
            $this->killed['server']++;
            $this->server->kill();
            // The killed go one by one: while one is left the address is taken.
            while (! is_resource($free = @stream_socket_server('tcp://'.substr($this->base, 7)))) {
                usleep(20_000);
            }
            fclose($free);
            $this->stand();
        }
    }

    /**
     * Requests sent at the same moment; where one is due, a blow comes after some of them are on their way.
     *
     * @param list<CurlHandle> $requests
     * @param float|null       $strikes  seconds from now
     */
    public function send(array $requests, ?float $strikes): void
    {
        $multi = curl_multi_init();
        foreach ($requests as $request) {
            curl_multi_add_handle($multi, $request);
        }
        $strikes = $strikes === null ? null : microtime(true) + $strikes;
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.01);
            if ($strikes !== null && microtime(true) > $strikes) {
                $strikes = null;
                $this->strike();
            }
        } while ($running > 0);
    }

    private function stand(): void
    {
        $this->server = Daemon::start([PHP_BINARY, '-d', 'opcache.enable=1', '-S', substr($this->base, 7), '-t', 'public', 'bin/router.php'], ['PHP_CLI_SERVER_WORKERS' => '4', 'DB_DATABASE' => $this->database, 'APP_URL' => $this->base]);
        $ask = stream_context_create(['http' => ['ignore_errors' => true, 'timeout' => 5]]);
        $this->server->waitFor(fn(): ?bool => @file_get_contents("{$this->base}/up", false, $ask) === false ? null : true, 20, 'The server');
    }
}
