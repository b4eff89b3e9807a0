<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use PDO;

/** All rows of a small database, to put them back before each test: far quicker than making the tables anew. */
final readonly class Snapshot
{
    /** @param array<string, list<array<string, mixed>>> $rows by table */
    private function __construct(private PDO $database, private array $rows) {}

    public static function of(PDO $connection, string $database): self
    {
        $connection->exec("USE `{$database}`");
        $connection->exec('SET NAMES utf8mb4');
        $rows = [];
        foreach ($connection->query('SHOW TABLES') ?: [] as [$table]) {
            /** @var list<array<string, mixed>> $all */
            $all = ($connection->query("SELECT * FROM `{$table}`") ?: throw new \LogicException("No table {$table}."))->fetchAll(PDO::FETCH_ASSOC);
            $rows[(string) $table] = $all;
        }

        return new self($connection, $rows);
    }

    public function putBack(): void
    {
        $this->database->exec('SET FOREIGN_KEY_CHECKS=0');
        $this->database->beginTransaction();
        foreach ($this->rows as $table => $rows) {
            $this->database->exec("DELETE FROM `{$table}`");
            // In few statements: one for each row is what takes most of the time.
            foreach (array_chunk($rows, 200) as $some) {
                $columns = implode('`, `', array_keys($some[0]));
                $places = implode(', ', array_fill(0, count($some), '('.implode(', ', array_fill(0, count($some[0]), '?')).')'));
                $this->database->prepare("INSERT INTO `{$table}` (`{$columns}`) VALUES {$places}")->execute(array_merge(...array_map(array_values(...), $some)));
            }
        }
        $this->database->commit();
    }
}
