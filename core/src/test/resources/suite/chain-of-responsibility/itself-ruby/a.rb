class Desk
  def self.take(complaint)
    return "apology" if complaint.small?

    Manager.take(complaint)
  end
end

class Manager
  def self.take(complaint)
    "refund #{complaint}"
  end
end

Desk.take(nil)
