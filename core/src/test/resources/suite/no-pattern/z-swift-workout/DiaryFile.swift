import Foundation

struct DiaryFile {
    enum Failure: Error {
        case missing(URL)
        case unreadable(line: Int)
    }

    let url: URL

    func read(into diary: Diary) throws {
        guard let text = try? String(contentsOf: url) else { throw Failure.missing(url) }
        for (number, line) in text.split(separator: "\n").enumerated() {
            let parts = line.split(separator: ",")
            guard parts.count == 2, let seconds = Int(parts[1]) else { throw Failure.unreadable(line: number + 1) }
            var workout = Workout(name: String(parts[0]))
            workout.add(seconds)
            diary.log(workout)
        }
    }
}

let diary = Diary()
try DiaryFile(url: URL(fileURLWithPath: "diary.csv")).read(into: diary)
print(diary.weeklyLoad(until: Date()))
