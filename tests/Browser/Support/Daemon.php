<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Symfony\Component\Process\Process;

/** A child process in a session of its own, ended with all its children when this process ends. */
final class Daemon
{
    private bool $stopped = false;

    /** @param string $printed file that takes what it prints: a pipe nobody empties would stop it once it is full */
    private function __construct(private readonly Process $process, private readonly string $printed)
    {
        register_shutdown_function(fn() => $this->stop());
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $env
     */
    public static function start(array $command, array $env): self
    {
        $root = dirname(__DIR__, 3);
        $printed = (string) tempnam(sys_get_temp_dir(), 'even-rungs-daemon');
        $process = new Process(['sh', '-c', 'printed=$1; shift; exec "$@" >"$printed" 2>&1', 'sh', $printed, $root.'/bin/child', ...$command], $root, $env, null, null);
        $daemon = new self($process, $printed);
        $process->start();

        return $daemon;
    }

    /**
     * @template T
     *
     * @param callable(string): (T|null) $ready gets what was printed so far
     *
     * @return T
     */
    public function waitFor(callable $ready, float $seconds, string $what): mixed
    {
        $end = microtime(true) + $seconds;
        do {
            if (! $this->process->isRunning()) {
                throw new \RuntimeException("{$what} ended: {$this->output()}");
            }
            $value = $ready($this->output());
            if ($value !== null) {
                return $value;
            }
            usleep(30_000);
        } while (microtime(true) < $end);
        throw new \RuntimeException("{$what} was not ready in {$seconds} s: {$this->output()}");
    }

    public function stop(): void
    {
        $pid = $this->process->getPid();
        if ($this->stopped || $pid === null) {
            return;
        }
        $this->stopped = true;
        @posix_kill($pid, SIGTERM);
        for ($i = 0; $i < 60 && $this->process->isRunning(); $i++) {
            usleep(50_000);
        }
        @posix_kill(-$pid, SIGKILL);
        @unlink($this->printed);
    }

    /** Ended at once, with all its children, as by a loss of power. */
    public function kill(): void
    {
        $pid = $this->process->getPid();
        $this->stopped = true;
        if ($pid !== null) {
            @posix_kill(-$pid, SIGKILL);
            @posix_kill($pid, SIGKILL);
        }
        @unlink($this->printed);
    }

    private function output(): string
    {
        return (string) @file_get_contents($this->printed);
    }

    public static function freePort(): int
    {
        // Below those that are given to connections: what is free now is still free when something begins to listen there.
        for ($try = 0; $try < 200; $try++) {
            $socket = @stream_socket_server('tcp://127.0.0.1:'.($port = random_int(20_000, 31_999)));
            if ($socket !== false) {
                fclose($socket);

                return $port;
            }
        }
        throw new \RuntimeException('There is no free port.');
    }
}
