<?php
declare(strict_types=1);
namespace Aldera\Jobs;
interface Job { public function handle(): void; public function tries(): int; }
final class SendInvoice implements Job { public function __construct(private Mailer $mailer, private string $to) {} public function handle(): void { $this->mailer->send($this->to, 'invoice'); } public function tries(): int { return 3; } }
final class ResizePhoto implements Job { public function __construct(private Photos $photos, private string $file) {} public function handle(): void { $this->photos->resize($this->file, 800); } public function tries(): int { return 1; } }
class Mailer { private int $sent = 0; public function send(string $to, string $text): void { $this->sent++; mail($to, 'Aldera', $text); } }
class Photos { private array $done = []; public function resize(string $file, int $width): void { $this->done[$file] = $width; } }
final class Worker
{
    /** @var \SplQueue<Job> */
    private \SplQueue $jobs;
    private array $failed = [];
    public function __construct() { $this->jobs = new \SplQueue(); }
    public function push(Job $job): void { $this->jobs->enqueue($job); }
    public function work(): void
    {
        while (!$this->jobs->isEmpty()) {
            $job = $this->jobs->dequeue();
            for ($try = 0; $try < $job->tries(); $try++) {
                try { $job->handle(); continue 2; } catch (\Throwable $e) { $this->failed[] = $e->getMessage(); }
            }
        }
    }
}
$w = new Worker(); $w->push(new SendInvoice(new Mailer(), 'ana')); $w->push(new ResizePhoto(new Photos(), 'a.jpg')); $w->work();
