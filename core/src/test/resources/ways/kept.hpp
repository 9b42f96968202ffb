#include <memory>
#include <vector>
#include <map>
#include <unordered_map>
#include <list>
#include <deque>
#include <queue>
#include <array>
#include <optional>
#include <functional>
#include <algorithm>
#include <set>
#include <variant>
#include <ranges>
struct Job { virtual ~Job() = default; virtual void run() = 0; virtual int weight() const = 0; };
struct Holder { Job* job; std::vector<Job*> list; };
class Quay {
  std::vector<std::unique_ptr<Job>> jobs;
  std::vector<Job*> raw;
  std::unique_ptr<Job> one;
  std::shared_ptr<Job> shared;
  std::weak_ptr<Job> soft;
  Job* ptr = nullptr;
  Job& ref;
  std::map<std::string, std::unique_ptr<Job>> byName;
  std::unordered_map<std::string, std::vector<Job*>> lists;
  std::deque<Job*> dq;
  std::queue<std::unique_ptr<Job>> queue;
  std::list<std::weak_ptr<Job>> softs;
  std::optional<std::reference_wrapper<Job>> maybe;
  std::vector<std::pair<std::string, Job*>> pairs;
  std::array<Job*, 3> fixed;
  std::set<Job*> set;
  std::function<Job&()> fn;
  Holder holder;
  std::unique_ptr<Holder> hp;
  std::vector<std::reference_wrapper<Job>> refs;
  std::multimap<int, Job*> multi;
  void a1() { one->run(); }
  void a2() { (*one).run(); }
  void a3() { if (auto s = soft.lock()) s->run(); }
  void a4() { auto s = soft.lock(); if (s) { s->run(); } }
  void a5() { if (ptr) ptr->run(); }
  void a6() { ref.run(); }
  void a7() { for (auto& j : jobs) j->run(); }
  void a8() { for (const auto& j : jobs) { if (j->weight() > 3) j->run(); } }
  void a9() { for (std::size_t i = 0; i < jobs.size(); ++i) jobs[i]->run(); }
  void b1() { for (auto it = jobs.begin(); it != jobs.end(); ++it) (*it)->run(); }
  void b2() { std::for_each(jobs.begin(), jobs.end(), [](auto& j) { j->run(); }); }
  void b3() { std::for_each(raw.begin(), raw.end(), [](Job* j) { j->run(); }); }
  void b5() { std::ranges::for_each(raw, [](Job* j) { j->run(); }); }
  void b6() { auto it = std::find_if(raw.begin(), raw.end(), [](Job* j) { return j->weight() > 3; }); if (it != raw.end()) (*it)->run(); }
  void b7() { auto it = byName.find("x"); if (it != byName.end()) it->second->run(); }
  void b8() { if (auto it = byName.find("x"); it != byName.end()) { it->second->run(); } }
  void b9() { byName.at("x")->run(); }
  void c1() { byName["x"]->run(); }
  void c2() { for (auto& [name, job] : byName) job->run(); }
  void c3() { for (auto& kv : byName) kv.second->run(); }
  void c4() { for (auto* j : lists["x"]) j->run(); }
  void c5() { for (auto& [n, list] : lists) for (auto* j : list) j->run(); }
  void c6() { while (!queue.empty()) { queue.front()->run(); queue.pop(); } }
  void c7() { while (!queue.empty()) { auto j = std::move(queue.front()); queue.pop(); j->run(); } }
  void c8() { Job* j = dq.front(); dq.pop_front(); j->run(); }
  void c9() { for (auto& w : softs) if (auto s = w.lock()) s->run(); }
  void d1() { if (maybe) maybe->get().run(); }
  void d2() { for (auto& p : pairs) p.second->run(); }
  void d3() { for (auto& [n, j] : pairs) j->run(); }
  void d4() { for (Job* j : fixed) j->run(); }
  void d5() { for (Job* j : set) j->run(); }
  void d6() { fn().run(); }
  void d7() { holder.job->run(); }
  void d8() { for (auto* j : holder.list) j->run(); }
  void d9() { hp->job->run(); }
  void e1() { for (Job& j : refs) j.run(); }
  void e2() { for (auto j : refs) j.get().run(); }
  void e3() { auto [b, e] = multi.equal_range(3); for (auto it = b; it != e; ++it) it->second->run(); }
  void e4() { auto copy = raw; for (auto* j : copy) j->run(); }
  void e5() { std::vector<Job*> copy(raw.begin(), raw.end()); for (auto* j : copy) j->run(); }
  void e6() { std::vector<Job*> copy{raw}; for (auto* j : copy) j->run(); }
  void e7() { jobs.back()->run(); }
  void e8() { auto& j = *jobs.front(); j.run(); }
  void e9() { Job* j = jobs[0].get(); j->run(); }
  void f1() { shared.get()->run(); }
  void f2() { std::unique_ptr<Job> j = std::move(one); j->run(); }
  void f3() { auto j = shared; j->run(); }
  void f4() { this->one->run(); }
  void f5() { const auto& self = *this; self.ptr->run(); }
  void f6() { auto go = [this] { one->run(); }; go(); }
  void f7() { for (auto it = raw.rbegin(); it != raw.rend(); ++it) (*it)->run(); }
  void f8() { int i = 0; while (i < 3) raw[i++]->run(); }
  void f9() { (ptr ? ptr : raw[0])->run(); }
  void g1() { auto best = std::max_element(raw.begin(), raw.end()); (*best)->run(); }
  void g2() { for (auto* j : raw | std::views::filter([](Job* j) { return j->weight() > 2; })) j->run(); }
  void g3() { if (!raw.empty()) raw.front()->run(); }
  void g4() { static_cast<Job*>(ptr)->run(); }
  void g5() { for (auto&& j : std::as_const(raw)) j->run(); }
};
