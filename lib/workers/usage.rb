# frozen_string_literal: true

require "etc"

module Workers
  # What a process uses, as Linux tells it (proc(5)); nothing once it has ended.
  module Usage
    TICKS_A_SECOND = Etc.sysconf(Etc::SC_CLK_TCK).to_f
    PAGE_BYTES = Etc.sysconf(Etc::SC_PAGESIZE)
    # fields after the name, which may hold spaces: 14 and 15 of proc(5), counted from the third
    USER_TIME, SYSTEM_TIME = 11, 12

    module_function

    # @return [Integer]
    def resident_bytes(pid) = told(pid, "statm").split[1].to_i * PAGE_BYTES

    # @return [Float] seconds of all its threads
    def cpu_s(pid)
      told(pid, "stat").rpartition(")").last.split.values_at(USER_TIME, SYSTEM_TIME).sum(&:to_i) / TICKS_A_SECOND
    end

    def told(pid, file)
      File.read("/proc/#{pid}/#{file}")
    rescue Errno::ENOENT, Errno::ESRCH
      ""
    end
  end
end
